<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Terminal\TubeSize;
use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Tolerance;

/** Which shrinking tube goes over a termination, and how much of it is cut off. Lengths in mm. */
final readonly class SleeveChoice
{
    use Changed;

    /** A tube that shrinks becomes shorter by so much. */
    private const SHORTENS = 0.10;

    /** Onto the insulation, on each side where a wire comes out. */
    public const ONTO_INSULATION = 6.0;

    private function __construct(
        public Figure $name,
        public Figure $expanded,
        public Figure $recovered,
        /** 2 for a tube that shrinks 2:1. */
        public Figure $ratio,
        /** Only where no stock size does. */
        public ?Figure $neededRatio,
        /** Only where it is asked for. */
        public ?Figure $cutLength,
    ) {}

    /** @param float|null $covered all that lies under it, the insulation too */
    public static function of(float $widest, float $narrowest, ?float $covered = null, bool $isLined = false): self
    {
        $cutLength = $covered === null ? null : self::cutLength($covered);
        $size = TubeSize::smallest($widest, $narrowest, $isLined);
        if ($size !== null) {
            $source = Source::row($size->row, $size->row['series'] . ', ' . $size->name);

            return new self(
                Figure::of($size->name, $source),
                Figure::mm($size->expanded, $source),
                Figure::mm($size->recovered, $source),
                Figure::of($size->ratio, $source),
                null,
                $cutLength,
            );
        }
        $none = self::none($isLined, new Note(NoteCode::SleeveNone, ['widest' => $widest, 'narrowest' => $narrowest]));

        return new self(...$none, neededRatio: Figure::of(TubeSize::neededRatio($widest, $narrowest), Source::formula(Formula::SleeveRatio)), cutLength: $cutLength);
    }

    /** Where it is not known what it goes over; the length may still be. */
    public static function unknown(bool $isLined, Note $why, Figure $cutLength): self
    {
        return new self(...self::none($isLined, $why), neededRatio: null, cutLength: $cutLength);
    }

    /** The same, with what is known of its length. */
    public function withLength(Figure $cutLength): self
    {
        return $this->but(cutLength: $cutLength);
    }

    /** A cut length that cannot be told. */
    public static function unknownLength(Note $why): Figure
    {
        return Figure::mm(null, Source::formula(Formula::CutLength), $why);
    }

    public static function cutLength(float $covered): Figure
    {
        $length = $covered / (1.0 - self::SHORTENS);
        $nearest = round($length);

        return Figure::mm(Tolerance::areEqual($length, $nearest) ? $nearest : ceil($length), Source::formula(Formula::CutLength));
    }

    /**
     * @return array{name: Figure, expanded: Figure, recovered: Figure, ratio: Figure}
     */
    private static function none(bool $isLined, Note $why): array
    {
        $source = $isLined ? Source::table('common practice, lined tubes', Recall::CommonPractice) : Source::table('SAE AS23053/5', Recall::Memory);

        return [
            'name' => Figure::of(null, $source, note: $why),
            'expanded' => Figure::mm(null, $source, $why),
            'recovered' => Figure::mm(null, $source, $why),
            'ratio' => Figure::of(null, $source, note: $why),
        ];
    }
}
