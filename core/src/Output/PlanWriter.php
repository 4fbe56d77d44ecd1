<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Coverage\Hole;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Listing\DecimalSign;
use Gondrik\Core\OnDay\DueState;
use Gondrik\Core\OnDay\Mending;
use Gondrik\Core\Planning\Addition;
use Gondrik\Core\Planning\BuyingRow;
use Gondrik\Core\Planning\CurvePoint;
use Gondrik\Core\Planning\EssentialPair;
use Gondrik\Core\Planning\Lending;
use Gondrik\Core\Planning\LineOffers;
use Gondrik\Core\Planning\NextPlan;
use Gondrik\Core\Planning\OpenStep;
use Gondrik\Core\Planning\Overlooked;
use Gondrik\Core\Planning\PaidStep;
use Gondrik\Core\Planning\Plan;
use Gondrik\Core\Planning\PlannedLine;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\StepRef;
use Gondrik\Core\Planning\Substitute;
use Gondrik\Core\Planning\ToolRole;
use Gondrik\Core\Planning\Unpriced;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wording\LineName;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;
use Gondrik\Core\Wording\Words;

/** A plan as plain data, for the API and the command line alike. */
final readonly class PlanWriter
{
    private Sentence $sentence;

    public function __construct(Units $units = new Units())
    {
        $this->sentence = new Sentence($units);
    }

    /**
     * @param list<CurvePoint> $curve
     *
     * @return array<string, mixed> as the command line gives it
     */
    public function plan(Plan $plan, array $curve): array
    {
        $written = $this->figures($plan);

        return [...array_slice($written, 0, -1, true), 'curve' => $this->curve($curve), 'next' => $written['next']];
    }

    /**
     * For the page: with how each addition comes in, what is paid by the piece, and why it is so. The curve is asked apart.
     *
     * @return array<string, mixed>
     */
    public function explained(Plan $plan, PlanQuestion $question): array
    {
        $written = $this->figures($plan);
        foreach ($plan->add as $at => $addition) {
            unset($written['add'][$at]['asset']);
            $written['add'][$at] += ['means' => $addition->way->means->value, 'from' => $addition->way->from, 'isSecond' => $addition->way->isSecond, 'mending' => $this->mending($addition->way->mending)];
        }
        foreach ($plan->open as $at => $open) {
            $written['open'][$at] += ['step' => $open->step, 'quantity' => $open->line->line->quantity, 'canBeClosed' => $open->canBeClosed];
        }
        $carried = array_merge(...array_map(static fn(PlannedScope $of): array => $of->rules->carried($of->scope->carry), $question->scopes));
        foreach ($plan->roles as $at => $role) {
            $written['roles'][$at]['isCarried'] = in_array($role->tool->kind, $carried, true);
            $written['roles'][$at]['others'] = array_map(static fn(Tool $tool): string => $tool->id, $role->others);
        }

        if ($plan->next !== null) {
            $written['next']['covered'] = $plan->next->covered ?? $plan->coveredAfter;
        }

        return [
            ...$written,
            'beyond' => $plan->beyond === null ? null : ['cost' => $plan->beyond->cost, 'steps' => count($plan->beyond->steps), 'lines' => $this->lineIds($plan->beyond->steps)],
            'buyingList' => $this->buyingList(BuyingRow::of($plan, $question), $question),
            'paid' => array_map(static fn(PaidStep $step): array => ['tool' => $step->way->tool->id, 'line' => $step->line->id, 'step' => $step->step, 'cost' => $step->cost()], $plan->paid),
            'pairs' => array_map(static fn(EssentialPair $pair): array => ['one' => $pair->one->id, 'other' => $pair->other->id, 'lines' => $pair->lines, 'quantity' => $pair->quantity], $plan->pairs),
            'overlooked' => array_map(fn(Overlooked $one): array => [
                'tool' => $one->way->tool->id,
                'cost' => $one->way->cost,
                'insteadOf' => $one->insteadOf->tool->id,
                'does' => count($one->does),
                'leaves' => $this->lineIds($one->leaves),
            ], $plan->overlooked),
            'holes' => array_merge(...array_map(fn(Report $report, int $scope): array => array_map(fn(Hole $hole): array => [
                'op' => $hole->operation->value,
                'name' => $this->sentence->hole($hole->wanted),
                'wanted' => $this->sentence->wanted($hole->wanted),
                'quantity' => $hole->quantity(),
                'lines' => array_map(static fn(Line $line): string => (count($question->scopes) > 1 ? $report->scope->id . '/' : '') . $line->id, $hole->lines),
                'isClosed' => $this->isClosed($hole, $scope, $plan),
            ], $report->holes), $plan->before->reports, array_keys($plan->before->reports))),
        ];
    }

    /**
     * @param list<LineOffers> $offers
     *
     * @return list<array<string, mixed>>
     */
    public function offers(array $offers, PlanQuestion $question): array
    {
        return array_map(static fn(LineOffers $of): array => [
            'scope' => $question->scopes[$of->scope]->scope->id,
            'line' => $of->line->id,
            'name' => LineName::of($of->line),
            'quantity' => $of->line->quantity,
            'wire' => $of->line->wire?->name,
            'terminal' => $of->line->terminal?->name,
            'cost' => $of->costAsItStands,
            'substitutes' => array_map(static fn(Substitute $one): array => [
                'terminal' => $one->terminal->id,
                'name' => $one->terminal->name,
                'sleeve' => $one->line->joint->sleeve?->value,
                'add' => array_map(static fn(Way $way): array => ['tool' => $way->tool->id, 'name' => $way->tool->name, 'means' => $way->means->value, 'cost' => $way->cost], $one->add),
                'toolCost' => $one->toolCost,
                'partsCost' => $one->partsCost,
                'isMakeshift' => $one->isMakeshift,
            ], $of->substitutes),
        ], $offers);
    }

    /**
     * @param list<Unpriced> $offers
     *
     * @return list<array<string, mixed>> each tool with the open steps that it would do
     */
    public function unpriced(array $offers): array
    {
        return array_map(static fn(Unpriced $one): array => [
            'tool' => $one->tool->id,
            'name' => $one->tool->name,
            'terminations' => $one->terminations(),
            'does' => array_map(static fn(StepRef $step, Operation $operation): array => ['line' => $step->line->id, 'op' => $operation->value], $one->does, $one->operations),
        ], $offers);
    }

    /**
     * What to come by, as a table: what it must do, and a model as an example.
     *
     * @param list<BuyingRow> $rows of a plan for this question
     *
     * @return non-empty-list<list<string>>
     */
    public function buyingList(array $rows, PlanQuestion $question, DecimalSign $sign = DecimalSign::Point): array
    {
        $kits = array_column(array_map(static fn(Lending $lending): Kit => $lending->kit->of, $question->lendings), 'name', 'id');
        $table = [['how', 'wanted', 'example', 'count', 'cost', 'lines']];
        foreach ($rows as $row) {
            $way = $row->addition->way;
            $table[] = [
                Words::for('means', $way->means->value) . ($way->from === null ? '' : ' ' . ($kits[$way->from] ?? $way->from)),
                implode(' ', array_map($this->sentence->wanted(...), $row->wanted)),
                $way->tool->name . ($way->mending === null ? '' : ' (' . $way->mending->asset->id . ')'),
                '1',
                $sign->written(sprintf('%d.%02d', intdiv($way->cost, 100), $way->cost % 100)),
                implode('; ', array_unique(array_map(static fn(StepRef $step): string => LineName::of($step->line->line), $row->addition->closes))),
            ];
        }

        return $table;
    }

    /**
     * @param list<CurvePoint> $points
     *
     * @return list<array<string, mixed>>
     */
    public function curve(array $points): array
    {
        return array_map($this->point(...), $points);
    }

    /**
     * What the lines of a plan are called, by their ids in it.
     *
     * @return array<string, string>
     */
    public function lineNames(Plan $plan): array
    {
        return array_column(array_map(static fn(PlannedLine $line): array => [$line->id, LineName::of($line->line)], $plan->matrix->lines), 1, 0);
    }

    /**
     * @param list<StepRef> $steps
     *
     * @return list<string> each line once
     */
    private function lineIds(array $steps): array
    {
        return array_values(array_unique(array_map(static fn(StepRef $step): string => $step->line->id, $steps)));
    }

    /** Whether none of its steps is a hole any more. */
    private function isClosed(Hole $hole, int $scope, Plan $plan): bool
    {
        $isOpen = [];
        foreach ($plan->open as $open) {
            $isOpen[$open->line->scope . '/' . $open->line->line->id . '/' . $open->operation->value] = true;
        }
        foreach ($hole->lines as $line) {
            if (isset($isOpen[$scope . '/' . $line->id . '/' . $hole->operation->value])) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, mixed> all but the curve */
    private function figures(Plan $plan): array
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
            ...$addition->way->mending === null ? [] : ['means' => $addition->way->means->value, 'asset' => $addition->way->mending->asset->id],
        ];
    }

    /** @return array{asset: string, isLent: bool, dues: list<string>}|null */
    private function mending(?Mending $mending): ?array
    {
        return $mending === null ? null : [
            'asset' => $mending->asset->id,
            'isLent' => $mending->isLent,
            'dues' => array_map(static fn(DueState $state): string => $state->due->kind->value, $mending->dues),
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
