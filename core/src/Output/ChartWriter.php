<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Proof\ChartRule;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\Subgroup;

/** A control chart as plain data, nothing of it rounded; forces in N. */
final readonly class ChartWriter
{
    /**
     * @param string $asset its tag
     *
     * @return array<string, mixed>
     */
    public function chart(string $asset, ControlChart $chart): array
    {
        return [
            'asset' => $asset,
            'n' => $chart->size,
            'trial' => $chart->isTrial,
            'leftOut' => $chart->leftOut,
            'centre' => $chart->centre,
            'rBar' => $chart->meanRange,
            'upper' => $chart->upper,
            'lower' => $chart->lower,
            'rangeUpper' => $chart->rangeUpper,
            'rangeLower' => $chart->rangeLower,
            'required' => $chart->required,
            'capability' => $chart->capability,
            'subgroups' => array_map(static fn(Subgroup $subgroup): array => [
                'entry' => $subgroup->pull->id,
                'on' => $subgroup->pull->on->plain(),
                'mean' => $subgroup->mean,
                'range' => $subgroup->range,
                'fired' => array_map(static fn(ChartRule $rule): string => $rule->value, $subgroup->fired),
            ], $chart->subgroups),
        ];
    }
}
