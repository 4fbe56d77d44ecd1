<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/**
 * How many people can have got so far at a time: nobody begins an exercise before he has done what comes before it, and that, too, goes
 * through stations with so many places. Seen from the end the same holds of what comes after.
 */
final class Arrivals
{
    /** @var array<int, array<int, true>> turns by exercise */
    private array $turns = [];

    /** @var array<int, array<int, array{int, int}>> by exercise and one that comes before it: how many do it without the other, how many with */
    private array $before = [];

    /** @var array<int, array<int, array{int, int}>> the same of one that comes after it */
    private array $after = [];

    /** @var array<int, int> by exercise */
    private array $lengths = [];

    /** @var array<int, int> by exercise */
    private array $places = [];

    /** @var array<int, int> by turn */
    private readonly array $deadlines;

    /** @var array<string, int> */
    private array $known = [];

    /** @param int $by a time by which all is to be done */
    public function __construct(private readonly Bounds $bounds, private readonly int $by)
    {
        $work = $bounds->work;
        $this->deadlines = $bounds->deadlines($by);
        $with = $behind = [];
        foreach ($work->turns as $index => $turn) {
            $this->turns[$turn->exercise][$index] = true;
            $this->lengths[$turn->exercise] = $turn->length;
            $this->places[$turn->exercise] = array_sum(array_map(static fn(int $station): int => $work->places[$station], $turn->stations));
            foreach ($turn->after as $earlier) {
                $other = $work->turns[$earlier]->exercise;
                $with[$turn->exercise][$other] = ($with[$turn->exercise][$other] ?? 0) + 1;
                $behind[$other][$turn->exercise] = ($behind[$other][$turn->exercise] ?? 0) + 1;
            }
        }
        foreach ([[$with, &$this->before], [$behind, &$this->after]] as [$counts, &$kept]) {
            foreach ($counts as $exercise => $others) {
                foreach ($others as $other => $count) {
                    $kept[$exercise][$other] = [count($this->turns[$exercise]) - $count, $count];
                }
            }
        }
    }

    /** Whether what can be done nowhere else than at some stations cannot be done by then, seeing when people get there and have to leave. */
    public function areTooLate(StationSet $set): bool
    {
        $exercises = array_values(array_unique(array_map(fn(int $turn): int => $this->bounds->work->turns[$turn]->exercise, $set->turns)));
        [$froms, $tos] = [[0], [$this->by]];
        for ($at = 1; $at < $this->by; $at++) {
            foreach ($exercises as $exercise) {
                // Only where one more gets there can a span begin that says more than the one before it.
                $froms[] = $this->begun($exercise, $at) > $this->begun($exercise, $at - 1) ? $at : 0;
                $tos[] = $this->ended($exercise, $at) > $this->ended($exercise, $at + 1) ? $at : $this->by;
            }
        }
        foreach (array_unique($froms) as $from) {
            foreach (array_unique($tos) as $to) {
                $load = 0;
                foreach ($exercises as $exercise) {
                    $before = $from === 0 ? 0 : $this->begun($exercise, $from - 1);
                    $behind = $to === $this->by ? 0 : $this->ended($exercise, $to + 1);
                    $load += $this->lengths[$exercise] * max(0, count($this->turns[$exercise]) - $before - $behind);
                }
                if ($load > 0 && $load > $set->places * $this->bounds->work->hours->room($from, $to, $set->fillings)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** How many can have begun an exercise by a time, that time included. */
    private function begun(int $exercise, int $at): int
    {
        return $this->known['b' . $exercise . '/' . $at] ??= $this->howManyHaveBegun($exercise, $at);
    }

    private function howManyHaveBegun(int $exercise, int $at): int
    {
        $many = count(array_filter(array_keys($this->turns[$exercise]), fn(int $turn): bool => $this->bounds->heads[$turn] <= $at));
        foreach ($this->before[$exercise] ?? [] as $other => [$without, $with]) {
            $many = min($many, $without + min($with, $this->done($other, $at)));
        }

        return $many;
    }

    /** How many can have done an exercise by a time. */
    private function done(int $exercise, int $at): int
    {
        $length = $this->lengths[$exercise];
        $heads = array_map(fn(int $turn): int => $this->bounds->heads[$turn], array_keys($this->turns[$exercise]));

        return $at < $length ? 0 : min($this->begun($exercise, $at - $length), $this->places[$exercise] * $this->bounds->work->hours->pieces(min(PHP_INT_MAX, ...$heads), $at, $length));
    }

    /** How many can end an exercise at a time or later. */
    private function ended(int $exercise, int $at): int
    {
        return $this->known['e' . $exercise . '/' . $at] ??= $this->howManyEnd($exercise, $at);
    }

    private function howManyEnd(int $exercise, int $at): int
    {
        $many = count(array_filter(array_keys($this->turns[$exercise]), fn(int $turn): bool => $this->deadlines[$turn] >= $at));
        foreach ($this->after[$exercise] ?? [] as $other => [$without, $with]) {
            $many = min($many, $without + min($with, $this->toDo($other, $at)));
        }

        return $many;
    }

    /** How many can do an exercise from a time on. */
    private function toDo(int $exercise, int $at): int
    {
        $length = $this->lengths[$exercise];

        return $at + $length > $this->by ? 0 : min($this->ended($exercise, $at + $length), $this->places[$exercise] * $this->bounds->work->hours->pieces($at, $this->by, $length));
    }
}
