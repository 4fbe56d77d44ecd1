<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Value\Deadline;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A timetable made better by moving turns about in the order in which they are put. Always the same for the same class, where time is not
 * up: chance is drawn from a row that is fixed.
 */
final class Improving
{
    /** Orders tried in a row without a better timetable, after which it is left as it is. */
    private const IN_VAIN = 1500;

    /** Orders in vain after which it goes on from the best one, shaken. */
    private const SHAKEN = 150;

    /** Where that does not come down to the bound: how much longer what is taken may be at first, in ticks of one person, row after row. */
    private const WARMTHS = [150.0, 60.0, 150.0, 60.0];

    /** Orders of such a row, over which it cools down to less than a tick. */
    private const COOLING = 8000;

    private readonly Randomizer $random;

    /** @param int $bound of the length: of what is as long nothing shorter is looked for */
    public function __construct(private readonly Bounds $bounds, private readonly int $bound)
    {
        $this->random = new Randomizer(new Mt19937(1));
    }

    /**
     * The best that is found, and where there is one already nothing worse.
     *
     * @param bool $untilBound whether a timetable as long as the bound is enough
     */
    public function from(?Timetable $known, Deadline $deadline, bool $untilBound): Timetable
    {
        $best = $known;
        foreach ($known === null ? $this->orders() : [] as $order) {
            $made = InTurn::of($this->bounds->work, $order);
            $best = $best === null || $made->against($best) < 0 ? $made : $best;
        }
        $best ??= InTurn::of($this->bounds->work, []);
        if (count($best->starts) < 2) {
            return $best;
        }
        $isEnough = fn(Timetable $found): bool => $untilBound && $found->length <= $this->bound;
        $best = $this->climbed($best, $deadline, $isEnough);
        foreach ($untilBound ? self::WARMTHS : [] as $warmth) {
            $best = $this->cooled($best, $warmth, $deadline, $isEnough);
        }

        return $best;
    }

    /**
     * Only what is no worse is taken; from where that leads nowhere, on from the best, shaken.
     *
     * @param \Closure(Timetable): bool $isEnough
     */
    private function climbed(Timetable $best, Deadline $deadline, \Closure $isEnough): Timetable
    {
        [$at, $order] = [$best, self::orderOf($best)];
        for ($vain = 1; $vain <= self::IN_VAIN && !$isEnough($best) && !$deadline->isOver(); $vain++) {
            if ($vain % self::SHAKEN === 0) {
                [$order, $at] = $this->shaken(self::orderOf($best));
            }
            $other = $this->moved($order, $at);
            $made = InTurn::of($this->bounds->work, $other);
            if ($made->against($at) <= 0) {
                [$at, $order] = [$made, $other];
            }
            if ($made->against($best) < 0) {
                [$best, $vain] = [$made, 0];
            }
        }

        return $best;
    }

    /**
     * What is worse is taken, too, the less of it the longer it goes on (simulated annealing).
     *
     * @param \Closure(Timetable): bool $isEnough
     */
    private function cooled(Timetable $best, float $warmth, Deadline $deadline, \Closure $isEnough): Timetable
    {
        $costs = fn(Timetable $of): int => $this->bounds->work->people * $of->length + $of->sumOfEnds();
        [$at, $order] = [$best, self::orderOf($best)];
        for ($tried = 0; $tried < self::COOLING && !$isEnough($best) && !$deadline->isOver(); $tried++) {
            $other = $this->withMoved($order, $this->random->getInt(0, count($order) - 1), $this->random->getInt(0, count($order) - 1));
            $made = InTurn::of($this->bounds->work, $other);
            $worse = $costs($made) - $costs($at);
            if ($worse <= 0 || $this->random->getInt(0, 999_999) / 1_000_000 < exp(-$worse / ($warmth * (0.5 / $warmth) ** ($tried / self::COOLING)))) {
                [$at, $order] = [$made, $other];
            }
            $best = $made->against($best) < 0 ? $made : $best;
        }

        return $best;
    }

    /** @return list<list<int>> orders to begin with: what is wanted most, and what takes longest, first */
    private function orders(): array
    {
        $work = $this->bounds->work;
        $pressing = $ofPerson = [];
        foreach ($work->turns as $index => $turn) {
            $pressing[$index] = 0;
            foreach ($this->bounds->sets as $set) {
                $load = array_sum(array_map(static fn(int $other): int => $work->turns[$other]->length, $set->turns));
                $pressing[$index] = in_array($index, $set->turns, true) ? max($pressing[$index], intdiv($load, $set->places)) : $pressing[$index];
            }
        }
        foreach ($work->ofPerson as $turns) {
            foreach ($turns as $place => $turn) {
                // Round after round: of everybody one, of the next one a place further on.
                $ofPerson[$turn] = ($place + $work->turns[$turn]->person) % count($turns);
            }
        }
        $all = array_keys($work->turns);
        $by = static function (\Closure $first) use ($all): array {
            $order = $all;
            usort($order, static fn(int $one, int $other): int => $first($one) <=> $first($other));

            return $order;
        };

        return [
            $by(static fn(int $turn): array => [-$pressing[$turn], $ofPerson[$turn]]),
            $by(static fn(int $turn): array => [$ofPerson[$turn], -$pressing[$turn]]),
            $by(static fn(int $turn): array => [-$work->turns[$turn]->length, $ofPerson[$turn]]),
        ];
    }

    /** @return list<int> turns as they begin, one after the other */
    private static function orderOf(Timetable $timetable): array
    {
        $order = array_keys($timetable->work->turns);
        usort($order, static fn(int $one, int $other): int => [$timetable->starts[$one], $one] <=> [$timetable->starts[$other], $other]);

        return $order;
    }

    /**
     * @param list<int> $order
     *
     * @return array{list<int>, Timetable}
     */
    private function shaken(array $order): array
    {
        for ($times = $this->random->getInt(2, 6); $times > 0; $times--) {
            $order = $this->withMoved($order, $this->random->getInt(0, count($order) - 1), $this->random->getInt(0, count($order) - 1));
        }

        return [$order, InTurn::of($this->bounds->work, $order)];
    }

    /**
     * One turn elsewhere: every other time one of somebody who is done last, and forward.
     *
     * @param list<int> $order
     *
     * @return list<int>
     */
    private function moved(array $order, Timetable $at): array
    {
        $from = $this->random->getInt(0, count($order) - 1);
        if ($this->random->getInt(0, 1) === 0) {
            return $this->withMoved($order, $from, $this->random->getInt(0, count($order) - 1));
        }
        $last = array_values(array_filter(array_keys($order), static fn(int $place): bool => $at->ends[$at->work->turns[$order[$place]]->person] === $at->length));
        $from = $last[$this->random->getInt(0, count($last) - 1)];

        return $this->withMoved($order, $from, $this->random->getInt(0, $from));
    }

    /**
     * @param list<int> $order
     *
     * @return list<int>
     */
    private function withMoved(array $order, int $from, int $to): array
    {
        $turn = $order[$from];
        array_splice($order, $from, 1);
        array_splice($order, $to, 0, [$turn]);

        return $order;
    }
}
