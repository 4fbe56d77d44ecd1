<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Verdict\Fit;

/**
 * What somebody comes to who buys what does most for its money now, and then again: the line that is cheapest to make whole for
 * the terminations that this wins. Beside the exact curve it shows what buying in steps costs.
 */
final class BuyingInSteps
{
    /** @var array<int, Way> the cheapest way to each tool */
    private array $ways = [];

    public function __construct(private readonly PlanQuestion $question, private readonly Matrix $matrix)
    {
        foreach ($question->ways as $way) {
            $at = $matrix->at($way->tool->id);
            if ($at !== null && !$way->isSecond && $way->means !== Means::PerPiece && $way->cost < ($this->ways[$at]->cost ?? PHP_INT_MAX)) {
                $this->ways[$at] = $way;
            }
        }
    }

    /** @return list<CurvePoint> each with all that is bought by then */
    public function points(): array
    {
        $has = $this->matrix->has($this->question->kitWith($this->question->forced));
        $cost = $this->question->forcedCost;
        $won = $this->won($has);
        $points = [new CurvePoint($cost, $won, $this->question->forced, [])];
        $bought = $this->question->forced;
        $mass = $this->question->forcedMass;
        while (($next = $this->next($has, $won, $mass)) !== null) {
            foreach ($next as $tool => $way) {
                $has[$tool] = true;
                $bought[] = $way;
                $cost += $way->cost;
            }
            $mass += self::massOf($next);
            $won = $this->won($has);
            $points[] = new CurvePoint($cost, $won, $bought, []);
        }

        return $points;
    }

    /**
     * @param array<int, bool> $has by tool: whether one of them is good for everything
     *
     * @return array<int, Way>|null by tool
     */
    private function next(array $has, int $won, int $mass): ?array
    {
        $best = null;
        $looked = [];
        foreach ($this->matrix->lines as $line) {
            $more = $this->completing($line, $has);
            $key = implode(',', array_keys($more ?? []));
            if ($more === null || $more === [] || isset($looked[$key])) {
                continue;
            }
            $looked[$key] = true;
            if ($this->question->mass !== null && $mass + self::massOf($more) > $this->question->mass) {
                continue;
            }
            $cost = array_sum(array_map(static fn(Way $way): int => $way->cost, $more));
            $each = $cost / max(1, $this->won(self::and($has, $more)) - $won);
            if ($best === null || $each < $best[0]) {
                $best = [$each, $more];
            }
        }

        return $best[1] ?? null;
    }

    /**
     * What a line lacks, step by step the cheapest; null when it cannot be made.
     *
     * @param array<int, bool> $has by tool: whether one of them is good for everything
     *
     * @return array<int, Way>|null
     */
    private function completing(PlannedLine $line, array $has): ?array
    {
        if ($line->isCapped && !$line->takesMakeshift) {
            return null;
        }
        $more = [];
        foreach ($line->steps as $step) {
            $task = $this->matrix->tasks[$step->task];
            if ($this->counts($line, $step, $this->matrix->best($task, self::and($has, $more)))) {
                continue;
            }
            $best = null;
            foreach ($task->doers as $tool => $fit) {
                $with = $this->counts($line, $step, $fit) ? $this->bundle($tool, self::and($has, $more)) : null;
                $cost = array_sum(array_map(static fn(Way $way): int => $way->cost, $with ?? []));
                if ($with !== null && ($best === null || $cost < $best[0])) {
                    $best = [$cost, $with];
                }
            }
            if ($best === null) {
                return null;
            }
            $more += $best[1];
        }
        ksort($more);

        return $more;
    }

    /**
     * @param array<int, bool> $has by tool: whether one of them is good for everything
     *
     * @return array<int, Way>|null
     */
    private function bundle(int $tool, array $has): ?array
    {
        $with = [];
        foreach ([$tool, ...$this->matrix->closure($tool) ?? []] as $one) {
            // What is there for makeshift only is bought anew where it is what does the step.
            if (!isset($has[$one]) || ($one === $tool && !$has[$one])) {
                if (!isset($this->ways[$one])) {
                    return null;
                }
                $with[$one] = $this->ways[$one];
            }
        }

        return $with;
    }

    /**
     * @param array<int, bool> $has
     * @param array<int, Way>  $more
     *
     * @return array<int, bool>
     */
    private static function and(array $has, array $more): array
    {
        return array_replace($has, array_fill_keys(array_keys($more), true));
    }

    /** @param array<int, Way> $ways */
    private static function massOf(array $ways): int
    {
        return array_sum(array_map(static fn(Way $way): int => $way->mass(), $ways));
    }

    /** @param array<int, bool> $has by tool: whether one of them is good for everything */
    private function won(array $has): int
    {
        $won = 0;
        $fits = [];
        foreach ($this->matrix->lines as $line) {
            if ($line->isCapped && !$line->takesMakeshift) {
                continue;
            }
            foreach ($line->steps as $step) {
                if (!array_key_exists($step->task, $fits)) {
                    $fits[$step->task] = $this->matrix->best($this->matrix->tasks[$step->task], $has);
                }
                if (!$this->counts($line, $step, $fits[$step->task])) {
                    continue 2;
                }
            }
            $won += $line->line->quantity;
        }

        return $won;
    }

    private function counts(PlannedLine $line, PlannedStep $step, ?Fit $fit): bool
    {
        $status = Status::ofBest($fit);

        return $line->takes($step->isCapped ? $status->worse(Status::Makeshift) : $status);
    }
}
