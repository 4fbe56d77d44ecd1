<?php

declare(strict_types=1);

namespace App\Print;

use Gondrik\Core\Asset\Asset;

/** Labels for things on A4, to be cut or peeled: a code for the camera, the tag and the model, small enough to go around a handle. */
final readonly class LabelSheet
{
    public const COLUMNS = 4;

    public const ROWS = 13;

    public const LABELS = self::COLUMNS * self::ROWS;

    /** So many at once: some ten sheets, drawn in some seconds. */
    public const MOST = 500;

    /** A quarter of the code may be dirt and it still reads. */
    private const CODE = 'QRCODE,Q';

    /** Points to a module of the code: only their proportion counts. */
    private const MODULE = 4;

    /**
     * @param list<Asset> $things
     * @param int         $skip   labels of the first sheet that are used already
     *
     * @return list<list<non-empty-list<array{tag: string, model: string, code: string}|null>>> sheets of rows; null is left empty
     */
    public static function sheets(array $things, int $skip = 0): array
    {
        $labels = [...array_fill(0, $skip, null), ...array_map(self::label(...), $things)];

        return array_map(static fn(array $sheet): array => array_chunk($sheet, self::COLUMNS), array_chunk($labels, self::LABELS));
    }

    /** @return array{tag: string, model: string, code: string} the code as an address of a picture */
    private static function label(Asset $thing): array
    {
        $code = new \TCPDF2DBarcode($thing->id, self::CODE);

        return ['tag' => $thing->id, 'model' => $thing->tool->name, 'code' => 'data:image/svg+xml;base64,' . base64_encode($code->getBarcodeSVGcode(self::MODULE, self::MODULE))];
    }
}
