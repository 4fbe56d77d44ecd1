<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeUnit;
use Gondrik\Core\Size\TradeEquivalents;
use Gondrik\Core\Size\TradeSeries;

/** What a size is: its area, the solid conductor of it, what the trade takes it for, and its neighbours. */
final readonly class SizeFacts
{
    /** @param list<Figure> $equivalents */
    private function __construct(
        public Figure $area,
        public Figure $diameter,
        public array $equivalents,
        /** The next thicker of its series. */
        public Figure $up,
        public Figure $down,
    ) {}

    public static function of(Size $size): self
    {
        $isGauge = $size->unit === SizeUnit::Awg || $size->unit === SizeUnit::BrownAndSharpe;
        $area = match (true) {
            $isGauge => Source::formula(Formula::Gauge),
            $size->unit === SizeUnit::Kcmil => Source::formula(Formula::Kcmil),
            default => Source::stated('the size itself'),
        };
        $equivalents = [];
        foreach (TradeEquivalents::rowsOf($size) as [$other, $row]) {
            $equivalents[] = Figure::of($other->written, Source::row($row, $row['mm2'] . ' mm2'));
        }

        return new self(
            Figure::of($size->area, $area, FigureUnit::SquareMillimetre),
            Figure::mm($size->solidDiameter(), Source::formula($isGauge ? Formula::Gauge : Formula::Circle)),
            $equivalents,
            self::neighbour(TradeSeries::above($size->area, $size->family)),
            self::neighbour(TradeSeries::below($size->area, $size->family)),
        );
    }


    private static function neighbour(?Size $size): Figure
    {
        return Figure::of($size?->written, Source::formula(Formula::SizeSeries), note: $size === null ? new Note(NoteCode::SeriesEnds) : null);
    }
}
