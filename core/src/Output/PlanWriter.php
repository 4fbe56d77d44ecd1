<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Planning\Addition;
use Gondrik\Core\Planning\CurvePoint;
use Gondrik\Core\Planning\NextPlan;
use Gondrik\Core\Planning\OpenStep;
use Gondrik\Core\Planning\Plan;
use Gondrik\Core\Planning\StepRef;
use Gondrik\Core\Planning\ToolRole;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;

/** A plan as plain data, for the API and the command line alike. */
final readonly class PlanWriter
{
    private Sentence $sentence;

    public function __construct(Units $units = new Units())
    {
        $this->sentence = new Sentence($units);
    }

    /** @return array<string, mixed> */
    public function plan(Plan $plan): array
    {
        return [
            'status' => $plan->isOptimal ? 'optimal' : 'feasible',
            'cost' => $plan->cost,
            'bound' => $plan->bound,
            'mass' => $plan->mass,
            'add' => array_map($this->addition(...), $plan->add),
            'terminations' => $plan->terminations,
            'coveredBefore' => $plan->coveredBefore,
            'coveredAfter' => $plan->coveredAfter,
            'makeshiftAfter' => $plan->makeshiftAfter,
            'open' => array_map($this->open(...), $plan->open),
            'roles' => array_map($this->role(...), $plan->roles),
            'curve' => array_map($this->point(...), $plan->curve),
            'next' => $plan->next === null ? null : $this->next($plan->next),
        ];
    }

    /** @return array<string, mixed> */
    private function addition(Addition $addition): array
    {
        return [
            'tool' => $addition->way->tool->id,
            'count' => 1,
            'cost' => $addition->way->cost,
            'closes' => array_map(static fn(StepRef $step): array => ['line' => $step->line->id, 'step' => $step->step], $addition->closes),
        ];
    }

    /** @return array<string, mixed> */
    private function open(OpenStep $open): array
    {
        return [
            'line' => $open->line->id,
            'op' => $open->operation->value,
            'wanted' => $open->wanted === null ? null : $this->sentence->wanted($open->wanted),
        ];
    }

    /** @return array<string, mixed> */
    private function role(ToolRole $role): array
    {
        return ['tool' => $role->tool->id, 'role' => $role->role->value, 'lines' => $role->lines, 'alone' => $role->alone];
    }

    /** @return array<string, mixed> */
    private function point(CurvePoint $point): array
    {
        return ['cost' => $point->cost, 'covered' => $point->covered] + ($point->add === [] ? [] : ['add' => self::ids($point->add)]);
    }

    /** @return array<string, mixed> */
    private function next(NextPlan $next): array
    {
        return [
            'cost' => $next->cost,
            'instead' => array_map(static fn(array $pair): array => ['out' => $pair[0]?->tool->id, 'in' => $pair[1]?->tool->id], $next->instead),
        ];
    }

    /**
     * @param list<Way> $ways
     *
     * @return list<string>
     */
    private static function ids(array $ways): array
    {
        return array_map(static fn(Way $way): string => $way->tool->id, $ways);
    }
}
