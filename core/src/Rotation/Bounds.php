<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Value\Deadline;

/**
 * How long a class takes at the least, by what one person has to do, and by what has to go through some stations: within each span that a
 * turn can begin and end in, no more can be done than there is room for between the breaks.
 */
final readonly class Bounds
{
    public Alone $alone;

    /** @var list<StationSet> */
    public array $sets;

    /** @var list<int> by turn: when it can begin at the earliest */
    public array $heads;

    public function __construct(public ClassWork $work)
    {
        $this->alone = new Alone($work);
        $this->sets = StationSet::of($work);
        $known = $heads = [];
        foreach ($work->turns as $index => $turn) {
            $heads[] = $known[$this->alone->kinds[$turn->person]][$turn->exercise] ??= $this->alone->end($turn->person, $this->alone->allBefore($index), 0);
        }
        $this->heads = $heads;
    }

    /** What makes it last at least as long as anything by itself does; null where nothing is to be done. Stations before people, for of them there can be more; then the fewest. */
    public function bottleneck(): ?Bottleneck
    {
        $person = $set = null;
        $length = 0;
        foreach (array_keys($this->work->ofPerson) as $at) {
            $end = $this->alone->end($at, $this->alone->all($at), 0);
            if ($end > $length) {
                [$person, $length] = [$at, $end];
            }
        }
        foreach ($this->sets as $one) {
            if ($this->isTooMuch($one, $set === null ? $length - 1 : $length)) {
                [$set, $length] = [$one, $this->length($one, $length)];
            }
        }
        if ($length === 0) {
            return null;
        }

        return $set === null ? new Bottleneck($length, $person, []) : new Bottleneck($length, null, $set->stations);
    }

    /** What it takes at the least, by everything that is known without trying, as far as there is time for it: not less than the bottleneck. */
    public function least(Deadline $deadline): int
    {
        $by = $this->bottleneck()->length ?? 0;
        while ($by > 0 && !$deadline->isOver() && ($this->comeTooLate($by, $deadline) || SharingOut::isImpossible($this, $by))) {
            $by++;
        }

        return $by;
    }

    private function comeTooLate(int $by, Deadline $deadline): bool
    {
        $arrivals = new Arrivals($this, $by);
        foreach ($this->sets as $set) {
            if (!$deadline->isOver() && $arrivals->areTooLate($set)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<int, int> by turn of some: when it must have ended, for all that comes after it to be done by a time */
    public function deadlines(int $by): array
    {
        $known = $deadlines = [];
        foreach ($this->work->turns as $index => $turn) {
            $deadlines[] = $known[$this->alone->kinds[$turn->person]][$turn->exercise] ??= $this->deadline($index, $by);
        }

        return $deadlines;
    }

    private function deadline(int $turn, int $by): int
    {
        $after = $this->alone->allAfter($turn);
        $person = $this->work->turns[$turn]->person;
        $at = $by;
        while ($at > 0 && $this->alone->end($person, $after, $at) > $by) {
            $at--;
        }

        return $at;
    }

    private function length(StationSet $set, int $atLeast): int
    {
        while ($this->isTooMuch($set, $atLeast)) {
            $atLeast++;
        }

        return $atLeast;
    }

    /** Whether what has to go through some stations cannot be done by a time. */
    private function isTooMuch(StationSet $set, int $by): bool
    {
        $deadlines = $this->deadlines($by);
        $froms = array_unique(array_map(fn(int $turn): int => $this->heads[$turn], $set->turns));
        $tos = array_unique(array_map(static fn(int $turn): int => $deadlines[$turn], $set->turns));
        foreach ($froms as $from) {
            foreach ($tos as $to) {
                $load = 0;
                foreach ($set->turns as $turn) {
                    $load += $this->heads[$turn] >= $from && $deadlines[$turn] <= $to ? $this->work->turns[$turn]->length : 0;
                }
                if ($load > 0 && $load > $this->room($set, $from, $to)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The most that some stations can do from one time to another, seeing what goes on there at the beginning. */
    private function room(StationSet $set, int $from, int $to): int
    {
        $room = 0;
        foreach ($set->stations as $station) {
            $room += $set->roomAt($this->work->hours, $this->work->places[$station], array_column($this->work->running[$station], 0), $from, $to);
        }

        return $room;
    }
}
