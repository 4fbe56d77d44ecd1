<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

/** The sizes that are sold, for "next size": common practice. */
final class TradeSeries
{
    private const AWG = [40, 38, 36, 34, 32, 30, 28, 26, 24, 22, 20, 18, 16, 14, 12, 10, 8, 6, 4, 3, 2, 1, 0, -1, -2, -3];

    private const SQUARE_MILLIMETRES = ['0.05', '0.08', '0.14', '0.22', '0.25', '0.34', '0.5', '0.75', '1', '1.5', '2.5', '4', '6', '10', '16', '25', '35', '50', '70', '95', '120', '150', '185', '240'];

    /** @return list<Size> from thin to thick */
    public static function of(Family $family): array
    {
        static $series = [];

        return $series[$family->value] ??= $family === Family::Gauge
            ? array_map(Size::awg(...), self::AWG)
            : array_map(static fn(string $area): Size => Size::parse($area . ' mm2'), self::SQUARE_MILLIMETRES);
    }

    /** The next size of the series above an area in mm² (a size within 3 % of it is that size, not the next); null past the end. */
    public static function above(float $area, Family $family): ?Size
    {
        foreach (self::of($family) as $size) {
            if ($size->area > $area * (1 + Span::CLOSE)) {
                return $size;
            }
        }

        return null;
    }

    /** The next size of the series below an area in mm², likewise; null past the end. */
    public static function below(float $area, Family $family): ?Size
    {
        $below = null;
        foreach (self::of($family) as $size) {
            if ($size->area >= $area * (1 - Span::CLOSE)) {
                break;
            }
            $below = $size;
        }

        return $below;
    }

    /** Whether an area in mm² is within 3 % of a gauge of that family, and so is that gauge too. */
    public static function isCloseToGauge(float $area, Family $family): bool
    {
        foreach ($family === Family::Gauge ? self::everyGauge() : self::of($family) as $size) {
            if (abs($area - $size->area) <= Span::CLOSE * $size->area) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Size> */
    private static function everyGauge(): array
    {
        static $gauges = null;

        return $gauges ??= array_map(Size::awg(...), range(-3, 44));
    }
}
