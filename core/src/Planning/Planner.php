<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Covering\Optimum;
use Gondrik\Core\Covering\Outcome;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Deadline;

/** What to do about a kit, for the least money, and why. */
final readonly class Planner
{
    private PlanQuestion $question;

    private Standing $before;

    private Matrix $matrix;

    private Model $model;

    private Optimum $optimum;

    public function __construct(PlanQuestion $asked, ?Deadline $deadline = null)
    {
        $reports = self::reports($asked, $asked->kit);
        $this->model = Model::of($asked, $reports);
        $this->question = $this->model->question;
        $this->matrix = $this->model->matrix;
        $this->before = new Standing($reports, new Backing($this->matrix, $asked->kit, $asked->backups));
        $this->optimum = new Optimum($deadline ?? Deadline::never());
    }

    public function plan(): Plan
    {
        $wantsTerminations = $this->question->wantsTerminations();
        $instance = $wantsTerminations ? $this->model->most($this->question->budget) : $this->model->everything();
        $outcome = $this->optimum->of($instance) ?? throw new \LogicException('all that must be covered can be, so there is a best');
        $add = $this->question->inOrder($this->model->ways($outcome->worth));
        $paid = $this->model->paid($outcome->worth);
        $kit = $this->question->kitWith($add);
        $after = new Standing(self::reports($this->question, $kit), new Backing($this->matrix, $kit, $this->question->backups), $paid);
        $additions = $this->additions($add, $after);
        $roles = new Roles($this->matrix, $kit);
        [$coveredAfter, $makeshiftAfter] = $after->terminations($this->matrix->lines);
        $cost = $this->question->forcedCost + $outcome->worth->money;
        $open = $this->open($after);
        $next = (new NextBest($this->question, $this->matrix, $this->model, $this->optimum))->after($outcome->worth, $instance);

        return new Plan(
            isOptimal: $outcome->isProven,
            cost: $cost,
            bound: $this->bound($outcome, $wantsTerminations ? $coveredAfter : $cost),
            mass: PlanQuestion::massOf($kit->of),
            add: $additions,
            paid: $paid,
            terminations: $this->matrix->terminations,
            coveredBefore: $this->before->terminations($this->matrix->lines)[0],
            coveredAfter: $coveredAfter,
            makeshiftAfter: $makeshiftAfter,
            open: $open,
            beyond: $this->beyond($cost, $open, $after),
            roles: $roles->all(),
            pairs: $roles->pairs(),
            next: $next,
            overlooked: Overlooked::of($additions, $this->question->ways, $this->matrix),
            kit: $kit,
            before: $this->before,
            after: $after,
            matrix: $this->matrix,
        );
    }

    /** @return list<CurvePoint> the exact frontier, whatever the budget; where time is up, the part that was proven */
    public function curve(): array
    {
        return (new Frontier($this->question, $this->model, $this->optimum))->points();
    }

    /** @return list<CurvePoint> what buying step by step comes to; none where steps want a backup, for who buys so does not think of one */
    public function inSteps(): array
    {
        return $this->question->backups !== [] ? [] : (new BuyingInSteps($this->question, $this->matrix))->points();
    }

    /**
     * What is left out because it makes no termination count.
     *
     * @param list<OpenStep> $open
     */
    private function beyond(int $cost, array $open, Standing $after): ?Beyond
    {
        if ($this->question->isLimited() || !$this->question->onlyTerminations || array_filter($open, static fn(OpenStep $step): bool => $step->canBeClosed) === []) {
            return null;
        }
        $all = $this->optimum->of($this->model->everything());
        if ($all === null || !$all->isProven) {
            return null;
        }
        $kit = $this->question->kitWith($this->question->inOrder($this->model->ways($all->worth)));
        $then = new Standing(self::reports($this->question, $kit), new Backing($this->matrix, $kit, $this->question->backups), $this->model->paid($all->worth));
        $steps = [];
        foreach ($this->matrix->lines as $line) {
            foreach (array_keys($line->steps) as $step) {
                if ($then->counts($line, $step) && !$after->counts($line, $step)) {
                    $steps[] = new StepRef($line, $step);
                }
            }
        }

        return $steps === [] ? null : new Beyond($this->question->forcedCost + $all->worth->money - $cost, $steps);
    }

    private function bound(Outcome $outcome, int $reached): int
    {
        return match (true) {
            $outcome->isProven => $reached,
            $this->question->wantsTerminations() => $this->model->alreadyWon() + $outcome->mostWon,
            default => $this->question->forcedCost + $outcome->leastMoney,
        };
    }

    /** @return list<Report> of a kit on all that is planned */
    private static function reports(PlanQuestion $asked, KitAsItStands $kit): array
    {
        return array_map(static fn(PlannedScope $of): Report => Coverage::of($kit, $of->scope, $of->rules), $asked->scopes);
    }

    /**
     * Each with the steps that count only now: under the tool that Cover takes, and under what that requires.
     *
     * @param list<Way> $add
     *
     * @return list<Addition>
     */
    private function additions(array $add, Standing $after): array
    {
        $closes = [];
        foreach ($this->matrix->lines as $line) {
            foreach (array_keys($line->steps) as $step) {
                $chosen = $after->chosen($line, $step);
                if ($chosen === null || $this->before->counts($line, $step) || !$after->counts($line, $step)) {
                    continue;
                }
                $closing = [];
                foreach ([$chosen, ...$this->backing($line, $step, $add)] as $tool) {
                    $at = (int) $this->matrix->at($tool->id);
                    $closing += array_fill_keys([$at, ...$this->matrix->closure($at) ?? []], true);
                }
                foreach (array_keys($closing) as $tool) {
                    $closes[$this->matrix->tools[$tool]->id][] = new StepRef($line, $step);
                }
            }
        }

        return array_map(static fn(Way $way): Addition => new Addition($way, $closes[$way->tool->id] ?? []), $add);
    }

    /**
     * The added tools that do a step which wants a backup: it counts by all of them.
     *
     * @param list<Way> $add
     *
     * @return list<Tool>
     */
    private function backing(PlannedLine $line, int $step, array $add): array
    {
        $task = $this->matrix->tasks[$line->steps[$step]->task];
        if (!in_array($task->operation, $this->question->backups, true)) {
            return [];
        }
        $doing = array_filter($add, fn(Way $way): bool => isset($task->doers[(int) $this->matrix->at($way->tool->id)]));

        return array_values(array_map(static fn(Way $way): Tool => $way->tool, $doing));
    }

    /** @return list<OpenStep> */
    private function open(Standing $after): array
    {
        $open = [];
        $withAll = $this->question->kitWith($this->question->open());
        $all = $this->matrix->has($withAll);
        $most = new Backing($this->matrix, $withAll, $this->question->backups);
        foreach ($this->matrix->lines as $line) {
            foreach ($line->steps as $number => $step) {
                if ($after->counts($line, $number)) {
                    continue;
                }
                $task = $this->matrix->tasks[$step->task];
                $isLines = $step->isCapped && !$line->takesMakeshift;
                $open[] = new OpenStep(
                    $line,
                    $number,
                    $task->operation,
                    $isLines && !$after->isHole($line, $number) ? null : (new Operations($this->question->scopes[$line->scope]->rules))->of($task->operation)->wanted([$task->work]),
                    !$isLines && $line->takes(Status::ofBest($this->matrix->best($task, $all))) && $most->holds($line, $number),
                );
            }
        }

        return $open;
    }
}
