<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;

/**
 * Which tools do which steps, by the same judge as Cover: asked once, so that any set of tools can be looked at without asking
 * again. A tool counts with all that it requires, directly or not; that may be there only if the place lets it work.
 */
final class Matrix
{
    /** @var list<Task> */
    public array $tasks = [];

    /** @var list<PlannedLine> */
    public array $lines = [];

    /** All terminations, those of faulty lines too. */
    public int $terminations = 0;

    /** @var array<string, int> by tool id */
    private array $at;

    /** @var array<int, list<int>|null> the other tools that one requires, null where one of them cannot be had at all */
    private array $closures = [];

    /** @var array<string, array{Judging, list<array{int, float, float}>}> by judging, which lives as long as it is known by its number, operation and kind of work */
    private array $index = [];

    /**
     * @param list<Report> $reports of the kit on each scope
     * @param list<Tool>   $tools   of the kit and all that may come to it
     */
    public function __construct(array $reports, public readonly array $tools, bool $takesMakeshift)
    {
        $this->at = array_flip(array_map(static fn(Tool $tool): string => $tool->id, $tools));
        foreach ($reports as $scope => $report) {
            $judging = new Judging($report->rules);
            $known = [];
            foreach ($report->lines as $cover) {
                $this->terminations += $cover->line->quantity;
                if ($cover->status === Status::Faulty) {
                    continue;
                }
                $steps = [];
                foreach ($cover->steps as $step) {
                    $key = spl_object_id($step->work);
                    if (!isset($known[$key])) {
                        $known[$key] = count($this->tasks);
                        $this->tasks[] = $this->task($judging, $step->step->operation, $step->work);
                    }
                    $steps[] = new PlannedStep($known[$key], $step->isCapped);
                }
                $id = count($reports) > 1 ? $report->scope->id . '/' . $cover->line->id : $cover->line->id;
                $this->lines[] = new PlannedLine($cover->line, $scope, $id, $steps, self::isCapped($cover), $takesMakeshift || $report->rules->makeshiftCounts);
            }
        }
    }

    /**
     * The tools that do anything which those of a kit do not do properly already, or on which such rest.
     *
     * @param array<int, bool> $has     the kit's, as has() gives it
     * @param list<Operation>  $backups of these one is not enough
     *
     * @return array<int, true>
     */
    public function ofUse(array $has, array $backups): array
    {
        $ofUse = [];
        foreach ($this->tasks as $task) {
            if (in_array($task->operation, $backups, true) || $this->best($task, $has) !== Fit::Proper) {
                $ofUse += array_fill_keys(array_keys($task->doers), true);
            }
        }
        foreach (array_keys($ofUse) as $doer) {
            $ofUse += array_fill_keys($this->closure($doer) ?? [], true);
        }

        return $ofUse;
    }

    /**
     * What a kit has.
     *
     * @return array<int, bool> by tool: whether one of them is good for everything
     */
    public function has(KitAsItStands $kit): array
    {
        $has = [];
        foreach ($kit->tools as $part) {
            $has[(int) $this->at($part->tool->id)] = !$part->isSeldom;
        }

        return $has;
    }

    /** The tool's number; null for one that is not here. */
    public function at(string $tool): ?int
    {
        return $this->at[$tool] ?? null;
    }

    /**
     * The other tools that one requires, and what those require; null where one of them is not here.
     *
     * @return list<int>|null
     */
    public function closure(int $tool): ?array
    {
        if (!array_key_exists($tool, $this->closures)) {
            $this->closures[$tool] = $this->reached($tool);
        }

        return $this->closures[$tool];
    }

    /**
     * How a task stands with some of the tools.
     *
     * @param array<int, bool> $has by tool: whether one of them is good for everything
     */
    public function best(Task $task, array $has): ?Fit
    {
        $best = null;
        foreach ($task->doers as $tool => $fit) {
            if ($best !== $fit && isset($has[$tool]) && $this->isComplete($tool, $has)) {
                $best = self::with($fit, $has[$tool]);
                if ($best === Fit::Proper) {
                    break;
                }
            }
        }

        return $best;
    }

    /** How a tool does a task that does it so when it is good for everything. */
    public static function with(Fit $fit, bool $isGood): Fit
    {
        return $isGood ? $fit : Fit::Makeshift;
    }

    /**
     * How many tools of a kit do a task, those that are there several times so many times.
     *
     * @param array<int, TakingPart> $parts of a kit, by tool
     */
    public function doing(Task $task, array $parts, bool $isProper): int
    {
        $doing = 0;
        foreach ($task->doers as $tool => $fit) {
            $does = isset($parts[$tool]) && (!$isProper || $fit === Fit::Proper) && $this->isComplete($tool, $parts);
            $doing += $does ? $parts[$tool]->count - ($isProper ? $parts[$tool]->seldom : 0) : 0;
        }

        return $doing;
    }

    /**
     * What takes part in a kit, by the numbers of the tools.
     *
     * @return array<int, TakingPart>
     */
    public function parts(KitAsItStands $kit): array
    {
        $parts = [];
        foreach ($kit->tools as $part) {
            $parts[(int) $this->at($part->tool->id)] = $part;
        }

        return $parts;
    }

    /** @param array<int, mixed> $has by tool: what stands there is no matter */
    public function isComplete(int $tool, array $has): bool
    {
        foreach ($this->closure($tool) ?? [] as $other) {
            if (!isset($has[$other])) {
                return false;
            }
        }

        return true;
    }

    /** Which of the tools do a work at all. */
    public function task(Judging $judging, Operation $operation, Work $work): Task
    {
        $doers = [];
        foreach ($this->inQuestion($judging, $operation, $work) as $at) {
            $doers[$at] = $this->fit($judging, $operation, $work, $at);
        }

        return new Task($operation, $work, array_filter($doers, static fn(?Fit $fit): bool => $fit !== null));
    }

    /** How one of the tools does a work, with what it requires; null when it does not. */
    public function fit(Judging $judging, Operation $operation, Work $work, int $tool): ?Fit
    {
        $has = $this->tools[$tool]->capabilitiesFor($operation) !== [];
        $score = $has ? $judging->judge->choice($this->tools[$tool], $operation, $judging->operations->of($operation), $work) : null;

        return match (true) {
            $score === null || !$this->canBeComplete($tool, $work->conditions) => null,
            $score >= Findings::MAKESHIFT => Fit::Makeshift,
            default => Fit::Proper,
        };
    }

    /** @return list<int> tools that may do a work at all; the others would be unsuitable, for their bounds do not hold it */
    private function inQuestion(Judging $judging, Operation $operation, Work $work): array
    {
        $rules = $judging->operations->of($operation);
        [$least, $most] = $rules->measure($work) ?? [0.0, INF];
        $found = [];
        $indexed = $this->index[spl_object_id($judging) . '|' . $operation->value . '|' . $rules->kind($work)] ??= [$judging, $this->indexed($judging, $operation, $work)];
        foreach ($indexed[1] as [$at, $from, $to]) {
            if ($most >= $from && $least <= $to) {
                $found[] = $at;
            }
        }

        return $found;
    }

    /** @return list<array{int, float, float}> tools with their bounds for works of one kind */
    private function indexed(Judging $judging, Operation $operation, Work $work): array
    {
        $rules = $judging->operations->of($operation);
        $indexed = [];
        foreach ($this->tools as $at => $tool) {
            [$from, $to] = [INF, -INF];
            foreach ($tool->capabilitiesFor($operation) as $capability) {
                if ($rules->servesKind($capability, $work)) {
                    $bound = $rules->bound($capability);
                    $from = min($from, $bound->from);
                    $to = max($to, $bound->to);
                }
            }
            if ($from <= $to) {
                $indexed[] = [$at, $from, $to];
            }
        }

        return $indexed;
    }

    /** Whether all that it requires is here and may work under these conditions. */
    private function canBeComplete(int $tool, Conditions $conditions): bool
    {
        $closure = $this->closure($tool);
        foreach ($closure ?? [] as $other) {
            $needs = $this->tools[$other]->needs;
            if (($conditions->noMains && $needs->energy === Energy::Mains) || ($conditions->mustTravel && $needs->inPlaceOnly)) {
                return false;
            }
        }

        return $closure !== null;
    }

    /** @return list<int>|null */
    private function reached(int $tool): ?array
    {
        $reached = [$tool => true];
        for ($open = [$tool]; $open !== [];) {
            foreach ($this->tools[array_pop($open)]->needs->requires as $id) {
                $at = $this->at[$id] ?? null;
                if ($at === null) {
                    return null;
                }
                if (!isset($reached[$at])) {
                    $reached[$at] = true;
                    $open[] = $at;
                }
            }
        }
        unset($reached[$tool]);

        return array_keys($reached);
    }

    private static function isCapped(LineCover $cover): bool
    {
        foreach ($cover->checks as $check) {
            if ($check->fit !== Fit::Proper) {
                return true;
            }
        }

        return false;
    }
}
