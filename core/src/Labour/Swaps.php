<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

use Gondrik\Core\Coverage\Choice;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;

/** What other tools would save, each by itself: of the kit, if they were reached for first, and of those that it has not. */
final readonly class Swaps
{
    /** @var array<string, array{StepCover, ToolMatch, Effort, array<string, int>}> works that are done alike, with what they take at one termination and how often by line */
    private array $works;

    /** @var array<string, Tool> by id */
    private array $known;

    /** @param list<Tool> $tools that may be had besides the kit's */
    public function __construct(private Report $report, private Rates $rates, array $tools)
    {
        $known = [];
        foreach ([...array_column($report->kit->tools, 'tool'), ...$tools] as $tool) {
            $known[$tool->id] ??= $tool;
        }
        $this->known = $known;
        $effort = new StepEffort($report->kit, $rates);
        $works = [];
        foreach ($report->lines as $line) {
            foreach ($line->steps as $step) {
                $once = $step->chosen === null ? null : $effort->of($step);
                if ($step->chosen === null || $once === null) {
                    continue;
                }
                $wires = $step->step->end instanceof End ? $step->step->end->wires : 1;
                $key = implode('|', [$step->step->operation->value, $wires, $step->chosen->tool->id, $step->work->key()]);
                $works[$key] ??= [$step, $step->chosen, $once, []];
                $works[$key][3][$line->line->id] = ($works[$key][3][$line->line->id] ?? 0) + $line->line->quantity;
            }
        }
        $this->works = $works;
    }

    /** @return list<Swap> that save time, most first */
    public function faster(): array
    {
        return $this->sorted(self::isFaster(...), static fn(Swap $swap): int|float => $swap->seconds());
    }

    /** @return list<Swap> that spare the hand, most first; they may take longer */
    public function lighter(): array
    {
        return $this->sorted(self::isLighter(...), static fn(Swap $swap): int => $swap->squeezes());
    }

    /** One tool by itself, where it saves time, else where it spares the hand; null where it does neither. */
    public function with(string $id): ?Swap
    {
        $tool = $this->known[$id] ?? null;

        return $tool === null ? null : $this->swap($tool, self::isFaster(...)) ?? $this->swap($tool, self::isLighter(...));
    }

    private static function isFaster(Effort $before, Effort $after): bool
    {
        return $after->seconds < $before->seconds;
    }

    private static function isLighter(Effort $before, Effort $after): bool
    {
        return $after->squeezes < $before->squeezes;
    }

    /**
     * @param \Closure(Effort, Effort): bool $isBetter
     * @param \Closure(Swap): (int|float)    $worth
     *
     * @return list<Swap>
     */
    private function sorted(\Closure $isBetter, \Closure $worth): array
    {
        $swaps = array_values(array_filter(array_map(fn(Tool $tool): ?Swap => $this->swap($tool, $isBetter), $this->known)));
        // The sort is stable: of two that save as much the kit's own stands first, then the order of the shop.
        usort($swaps, static fn(Swap $one, Swap $other): int => $worth($other) <=> $worth($one));

        return $swaps;
    }

    /** @param \Closure(Effort, Effort): bool $isBetter */
    private function swap(Tool $tool, \Closure $isBetter): ?Swap
    {
        $isInKit = $this->report->kit->tool($tool->id) !== null;
        $with = $this->required($tool);
        if ($with === null) {
            return null;
        }
        $kit = $this->report->kit;
        foreach ($isInKit ? $with : [...$with, $tool] as $more) {
            $kit = $kit->oneMore($more);
        }
        $choice = new Choice($kit, $this->report->rules, new Operations($this->report->rules));
        $effort = new StepEffort($kit, $this->rates);
        $before = $after = new Effort();
        $operations = $instead = $pieces = [];
        foreach ($this->works as [$step, $chosen, $once, $times]) {
            $part = $chosen->tool === $tool ? null : self::partOf($choice->partsFor($step->step->operation), $tool);
            $match = $part === null ? null : $choice->match($part, $step->step->operation, $step->work);
            $taken = $match === null || $match->fit()->rank() > $chosen->fit()->rank() ? null : $effort->with($step, $match);
            if ($taken === null || !$isBetter($once, $taken)) {
                continue;
            }
            $before = $before->plus($once->times(array_sum($times)));
            $after = $after->plus($taken->times(array_sum($times)));
            $operations[$step->step->operation->value] = true;
            $instead[$chosen->tool->id] = true;
            foreach ($times as $line => $quantity) {
                $pieces[$line] = max($pieces[$line] ?? 0, $quantity);
            }
        }

        return $operations === [] ? null : new Swap(
            $tool,
            $isInKit,
            $with,
            array_values(array_filter(Operation::cases(), static fn(Operation $of): bool => isset($operations[$of->value]))),
            array_map(strval(...), array_keys($instead)),
            array_sum($pieces),
            $before,
            $after,
        );
    }

    /**
     * What a tool requires, and what that requires, as far as the kit has not got it.
     *
     * @return list<Tool>|null null where something of it cannot be had
     */
    private function required(Tool $tool): ?array
    {
        $found = [];
        $open = $tool->needs->requires;
        while ($open !== []) {
            $id = array_shift($open);
            if (isset($found[$id]) || $this->report->kit->tool($id) !== null) {
                continue;
            }
            $one = $this->known[$id] ?? null;
            if ($one === null) {
                return null;
            }
            $found[$id] = $one;
            array_push($open, ...$one->needs->requires);
        }

        return array_values($found);
    }

    /** @param list<TakingPart> $parts */
    private static function partOf(array $parts, Tool $tool): ?TakingPart
    {
        foreach ($parts as $part) {
            if ($part->tool->id === $tool->id) {
                return $part;
            }
        }

        return null;
    }
}
