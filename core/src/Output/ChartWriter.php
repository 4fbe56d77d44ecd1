<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Proof\ChartRule;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\Subgroup;
use Gondrik\Core\Wording\Words;

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

    /**
     * For the page: with what it is a chart of, sigma, and each rule in words.
     *
     * @param string $asset its tag
     *
     * @return array<string, mixed>
     */
    public function explained(string $asset, ControlChart $chart): array
    {
        $of = $chart->subgroups[0]->pull;
        $written = $this->chart($asset, $chart);
        foreach ($chart->subgroups as $at => $subgroup) {
            $written['subgroups'][$at] += [
                'forces' => $subgroup->pull->forces,
                'says' => array_map(static fn(ChartRule $rule): string => Words::for('chart', $rule->value), $subgroup->fired),
            ];
        }

        return ['wireId' => $of->wire->id, 'terminalId' => $of->terminal?->id, 'wire' => $of->wire->name, 'terminal' => $of->terminal?->name, 'nest' => $of->nest, 'sigma' => ($chart->upper - $chart->centre) / 3, 'inControl' => $chart->firstFired() === null, ...$written];
    }
}
