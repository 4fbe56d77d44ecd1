<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Reference\Table;

/** What makes limits out of the mean range of subgroups of one size. Source: the table of constants, control-chart.csv. */
final readonly class ChartFactors
{
    private function __construct(public float $a2, public float $d2, public float $d3, public float $d4) {}

    /** Null for a size that the table has not: subgroups have two to ten pieces. */
    public static function of(int $size): ?self
    {
        $row = array_column(Table::rows('control-chart'), null, 'n')[$size] ?? null;

        return $row === null ? null : new self((float) $row['A2'], (float) $row['d2'], (float) $row['D3'], (float) $row['D4']);
    }
}
