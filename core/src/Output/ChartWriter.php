<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Listing\DecimalSign;
use Gondrik\Core\Proof\ChartRule;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\Proven;
use Gondrik\Core\Proof\RequiredForce;
use Gondrik\Core\Proof\Subgroup;
use Gondrik\Core\Rules\PullStandard;
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
     * @return array<string, mixed>
     */
    public function explained(Asset $asset, ControlChart $chart, PullStandard $standard): array
    {
        $of = $chart->subgroups[0]->pull;
        // The first of which as much is required as of any.
        $most = array_values(array_filter($chart->subgroups, static fn(Subgroup $one): bool => $chart->required !== null && RequiredForce::of($one->pull, $standard) === $chart->required))[0] ?? null;
        $written = $this->chart($asset->id, $chart);
        foreach ($chart->subgroups as $at => $subgroup) {
            $written['subgroups'][$at] += [
                'forces' => $subgroup->pull->forces,
                'says' => array_map(static fn(ChartRule $rule): string => Words::for('chart', $rule->value), $subgroup->fired),
            ];
        }

        return ['wireId' => $of->wire->id, 'terminalId' => $of->terminal?->id, 'wire' => $of->wire->name, 'terminal' => $of->terminal?->name, 'nest' => $of->nest, 'sigma' => ($chart->upper - $chart->centre) / 3, 'inControl' => $chart->firstFired() === null, 'requiredBy' => $most === null ? null : RequiredForce::standard($most->pull, $standard), 'proven' => self::proven(Proven::of($asset->tool, $chart)), ...$written];
    }

    /**
     * The subgroups of several charts as rows of one table, with its head; forces in N.
     *
     * @param list<ControlChart> $charts
     *
     * @return non-empty-list<list<string>>
     */
    public function table(array $charts, DecimalSign $sign = DecimalSign::Point): array
    {
        $figure = static fn(int|float|null $of): string => $of === null ? '' : $sign->written((string) $of);
        $rows = [['Wire', 'Terminal', 'Nest', 'Day', 'Forces N', 'Mean N', 'Range N', 'Centre N', 'Lower N', 'Upper N', 'Range lower N', 'Range upper N', 'Required N', 'Capability', 'Said of it', 'By', 'Note']];
        foreach ($charts as $chart) {
            foreach ($chart->subgroups as $subgroup) {
                $pull = $subgroup->pull;
                $rows[] = [
                    $pull->wire->name,
                    $pull->terminal->name ?? '',
                    $pull->nest ?? '',
                    $pull->on->plain(),
                    implode(' ', array_map($figure, $pull->forces)),
                    ...array_map($figure, [$subgroup->mean, $subgroup->range, $chart->centre, $chart->lower, $chart->upper, $chart->rangeLower, $chart->rangeUpper, $chart->required, $chart->capability]),
                    implode('; ', array_map(static fn(ChartRule $rule): string => Words::for('chart', $rule->value), $subgroup->fired)),
                    $pull->by->name ?? '',
                    $pull->note ?? '',
                ];
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function proven(Proven $proven): array
    {
        return [
            'state' => $proven->state->value,
            'says' => Words::for('proven', $proven->state->value),
            'size' => $proven->size->written,
            'nest' => $proven->nest,
            'stated' => $proven->stated?->written,
            'offered' => $proven->offered?->written,
        ];
    }
}
