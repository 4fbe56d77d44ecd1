<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Bench\Note;
use Gondrik\Core\Bench\NoteCode;
use Gondrik\Core\Bench\SleeveChoice;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Sleeve;

/** The tube that is slid over the termination of a line. */
final readonly class SleeveOver
{
    /** Null where none is slid on: a heat-shrink terminal brings its own. */
    public static function line(Line $line): ?SleeveChoice
    {
        if (!$line->sleeve->isTube() || $line->ends === []) {
            return null;
        }
        $isLined = $line->sleeve === Sleeve::Lined;
        $barrel = $line->terminal?->barrel;
        $length = $barrel?->length;
        $diameters = [];
        $unknown = $barrel?->od === null ? new Note(NoteCode::SleeveBarrelUnknown) : null;
        foreach ($line->ends as $end) {
            $od = $end->insulationOd();
            $unknown ??= $od === null ? new Note(NoteCode::SleeveInsulationUnknown, ['wire' => $end->wire->name]) : null;
            $diameters[] = $od;
        }
        if ($unknown === null) {
            $known = array_map(floatval(...), [$barrel?->od, ...$diameters]);

            return $length === null
                ? SleeveChoice::of(max($known), min($known), null, $isLined)->withLength(self::unknownLength())
                : SleeveChoice::of(max($known), min($known), self::covered($line, $length), $isLined);
        }

        return SleeveChoice::unknown($isLined, $unknown, $length === null ? self::unknownLength() : SleeveChoice::cutLength(self::covered($line, $length)));
    }

    /** mm that lie under it: the barrel, and some insulation on each side where a wire comes out. */
    private static function covered(Line $line, float $barrel): float
    {
        return $barrel + SleeveChoice::ONTO_INSULATION * count($line->ends);
    }

    private static function unknownLength(): Figure
    {
        return SleeveChoice::unknownLength(new Note(NoteCode::SleeveLengthUnknown));
    }
}
