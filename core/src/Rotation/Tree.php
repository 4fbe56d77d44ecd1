<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Value\Deadline;

/**
 * Looks for a timetable that is done by a time, until it has one or knows that there is none. Turn after turn begins as soon as it
 * can, none before the one that was chosen before it: among the shortest timetables those in which nothing can be moved forward all come
 * about so. Of people and of stations that are alike only the first is tried, what was met once is not gone into again.
 */
final class Tree
{
    /** States that are remembered. */
    private const REMEMBERED = 300_000;

    /** Nodes between two looks at the clock. */
    private const LOOKS = 64;

    private readonly ClassWork $work;

    private readonly Alone $alone;

    /** @var array<int, int> by turn */
    private readonly array $deadlines;

    /** @var list<string> by person: equal for people who stand for each other */
    private readonly array $people;

    /** @var list<string> by station: equal for stations that stand for each other */
    private readonly array $stations;

    /** @var list<int> by set: the last end of what is done there */
    private readonly array $closes;

    /** @var list<list<int>> sets by turn */
    private readonly array $setsOf;

    /** @var array<int, int> by person: what is left, as bits */
    private array $left = [];

    /** @var array<int, int> by person */
    private array $free;

    /** @var array<int, list<array{int, int}>> by station: ends and people of what is there */
    private array $there;

    /** @var array<int, int> by set: what is left for it */
    private array $load = [];

    /** @var array<int, int> */
    private array $starts = [];

    /** @var array<int, int> */
    private array $at = [];

    /** @var array<string, true> */
    private array $met = [];

    private int $nodes = 0;

    private bool $isOver = false;

    public function __construct(private readonly Bounds $bounds, private readonly int $by, private readonly Deadline $deadline)
    {
        $work = $this->work = $bounds->work;
        $this->alone = $bounds->alone;
        $this->deadlines = $bounds->deadlines($by);
        $this->people = array_map(fn(int $person): string => $this->alone->kinds[$person] . (isset($work->apart[$person]) ? '#' . $person : ''), array_keys($work->ofPerson));
        $this->stations = array_map(static fn(int $station): string => $work->places[$station] . ':' . implode(',', array_keys(array_filter($work->turns, static fn(Turn $turn): bool => in_array($station, $turn->stations, true)))), array_keys($work->places));
        $this->free = $work->ready;
        $this->there = $work->running;
        $closes = [];
        $setsOf = array_fill(0, count($work->turns), []);
        foreach ($bounds->sets as $index => $set) {
            $closes[] = max(0, ...array_map(fn(int $turn): int => $this->deadlines[$turn], $set->turns));
            $this->load[] = array_sum(array_map(static fn(int $turn): int => $work->turns[$turn]->length, $set->turns));
            foreach ($set->turns as $turn) {
                $setsOf[$turn][] = $index;
            }
        }
        [$this->closes, $this->setsOf] = [$closes, array_values($setsOf)];
        foreach (array_keys($work->ofPerson) as $person) {
            $this->left[] = $this->alone->all($person);
        }
    }

    /** A timetable that is done by then; null where none was found. */
    public function search(): ?Timetable
    {
        return $this->goOn(0, count($this->work->turns)) ? new Timetable($this->work, $this->starts, $this->at) : null;
    }

    /** Whether nothing was left untried for want of time. */
    public function isWhole(): bool
    {
        return !$this->isOver;
    }

    private function goOn(int $now, int $turns): bool
    {
        if ($turns === 0) {
            return true;
        }
        if (++$this->nodes % self::LOOKS === 0 && $this->deadline->isOver()) {
            $this->isOver = true;
        }
        if ($this->isOver || $this->isTooLate($now) || $this->wasMet($now)) {
            return false;
        }
        foreach ($this->options($now) as [$begin, , $turn, $station]) {
            if ($this->begin($turn, $station, $begin, $turns)) {
                return true;
            }
        }

        return false;
    }

    private function begin(int $index, int $station, int $begin, int $turns): bool
    {
        $turn = $this->work->turns[$index];
        [$left, $free, $there] = [$this->left[$turn->person], $this->free[$turn->person], $this->there[$station]];
        $this->left[$turn->person] &= ~$this->alone->bit($index);
        $this->free[$turn->person] = $begin + $turn->length;
        $this->there[$station] = [...array_values(array_filter($there, static fn(array $run): bool => $run[0] > $begin)), [$begin + $turn->length, $turn->person]];
        foreach ($this->setsOf[$index] as $set) {
            $this->load[$set] -= $turn->length;
        }
        [$this->starts[$index], $this->at[$index]] = [$begin, $station];
        if ($this->goOn($begin, $turns - 1)) {
            return true;
        }
        unset($this->starts[$index], $this->at[$index]);
        foreach ($this->setsOf[$index] as $set) {
            $this->load[$set] += $turn->length;
        }
        [$this->left[$turn->person], $this->free[$turn->person], $this->there[$station]] = [$left, $free, $there];

        return false;
    }

    /** Whether somebody, or some stations, cannot be done in time whatever comes. */
    private function isTooLate(int $now): bool
    {
        foreach ($this->left as $person => $left) {
            if ($left !== 0 && $this->alone->end($person, $left, max($now, $this->free[$person])) > $this->by) {
                return true;
            }
        }
        foreach ($this->bounds->sets as $index => $set) {
            if ($this->load[$index] === 0) {
                continue;
            }
            $room = 0;
            foreach ($set->stations as $station) {
                $ends = [];
                foreach ($this->there[$station] as [$end]) {
                    if ($end > $now) {
                        $ends[] = $end;
                    }
                }
                $room += $set->roomAt($this->work->hours, $this->work->places[$station], $ends, $now, $this->closes[$index]);
            }
            if ($this->load[$index] > $room) {
                return true;
            }
        }

        return false;
    }

    private function wasMet(int $now): bool
    {
        $people = $stations = [];
        foreach ($this->left as $person => $left) {
            if ($left !== 0) {
                $people[] = $this->people[$person] . '|' . $left . '|' . max($now, $this->free[$person]);
            }
        }
        foreach (array_keys($this->there) as $station) {
            $stations[] = $this->stations[$station] . '|' . $this->state($station, $now);
        }
        sort($people);
        sort($stations);
        $key = hash('xxh128', implode(';', $people) . '/' . implode(';', $stations), true);
        if (isset($this->met[$key])) {
            return true;
        }
        if (count($this->met) < self::REMEMBERED) {
            $this->met[$key] = true;
        }

        return false;
    }

    /** What goes on at a station, as far as it matters to what comes. */
    private function state(int $station, int $now): string
    {
        $runs = [];
        foreach ($this->there[$station] as [$end, $person]) {
            if ($end > $now) {
                $runs[] = $end . (isset($this->work->apart[$person]) ? '#' . $person : '');
            }
        }
        sort($runs);

        return $now . '>' . implode(',', $runs);
    }

    /** @return list<array{int, int, int, int}> begin, how little it presses, turn and station: the earliest first, then what presses most */
    private function options(int $now): array
    {
        $options = $seen = [];
        $first = PHP_INT_MAX;
        foreach ($this->left as $person => $left) {
            $free = max($now, $this->free[$person]);
            $like = $this->people[$person] . '|' . $left . '|' . $free;
            if ($left === 0 || isset($seen[$like])) {
                continue;
            }
            $seen[$like] = true;
            foreach ($this->work->ofPerson[$person] as $bit => $index) {
                if (($left >> $bit & 1) === 0) {
                    continue;
                }
                $turn = $this->work->turns[$index];
                $isNext = ($this->alone->before($index) & $left) === 0;
                $soonest = PHP_INT_MAX;
                $tried = [];
                foreach ($turn->stations as $station) {
                    $begin = $this->work->hours->earliest($this->opens($station, $person, $free), $turn->length);
                    $soonest = min($soonest, $begin + $turn->length);
                    $alike = $this->stations[$station] . '|' . $this->state($station, $now);
                    if ($isNext && $begin + $turn->length <= $this->deadlines[$index] && !isset($tried[$alike])) {
                        $tried[$alike] = true;
                        $options[] = [$begin, -$this->pressing($index, $person, $left), $index, $station];
                    }
                }
                if ($soonest > $this->deadlines[$index]) {
                    return [];
                }
                $first = $isNext ? min($first, $soonest) : $first;
            }
        }
        $options = array_values(array_filter($options, static fn(array $option): bool => $option[0] < $first));
        sort($options);

        return $options;
    }

    /** When a station has room for somebody, not before a time. */
    private function opens(int $station, int $person, int $at): int
    {
        $ends = [];
        foreach ($this->there[$station] as [$end, $other]) {
            if ($end > $at) {
                $ends[] = $end;
            }
        }
        $idle = $this->work->places[$station] - count($ends);
        if ($idle <= 0) {
            sort($ends);
            $at = $ends[-$idle];
        }
        foreach ($this->there[$station] as [$end, $other]) {
            $at = isset($this->work->apart[$person][$other]) ? max($at, $end) : $at;
        }

        return $at;
    }

    /** What is left for its person and for the stations that are short of room most. */
    private function pressing(int $turn, int $person, int $left): int
    {
        $stations = 0;
        foreach ($this->setsOf[$turn] as $set) {
            $stations = max($stations, intdiv($this->load[$set], $this->bounds->sets[$set]->places));
        }

        return $stations + $this->alone->end($person, $left, 0);
    }
}
