<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

use Gondrik\Core\Reference\Table;

/** mm² against AWG and kcmil as the trade takes them for each other (data/trade-sizes.csv: IEC 60947-1 table 1 and common practice). */
final class TradeEquivalents
{
    /** @return list<Size> the sizes of the other family that stand in one row with this one */
    public static function of(Size $size): array
    {
        return array_column(self::rowsOf($size), 0);
    }

    /** @return list<array{Size, array<string, string>}> the same, each with the row as the table has it */
    public static function rowsOf(Size $size): array
    {
        $equivalents = [];
        foreach (self::rows() as $number => [$metric, $gauge]) {
            [$own, $other] = $size->family === Family::Metric ? [$metric, $gauge] : [$gauge, $metric];
            if (abs($own->area - $size->area) <= 1e-6 * $own->area) {
                $equivalents[] = [$other, Table::rows('trade-sizes')[$number]];
            }
        }

        return $equivalents;
    }

    /** @return list<array{Size, Size}> mm² first */
    public static function rows(): array
    {
        static $rows = null;

        return $rows ??= array_map(static fn(array $row): array => [
            Size::parse($row['mm2'] . ' mm2'),
            Size::parse(str_contains($row['awg'], 'kcmil') ? $row['awg'] : $row['awg'] . ' AWG'),
        ], Table::rows('trade-sizes'));
    }
}
