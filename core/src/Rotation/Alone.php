<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** How soon somebody would be done who had every station to himself. */
final class Alone
{
    /** Turns of one person up to which their order is tried out; of more it is only added up. */
    private const TRIED = 12;

    /** @var list<int> by person: equal for people who do the same and are there from the same time on */
    public readonly array $kinds;

    /** @var list<list<int>> by person and turn, as bits: what is done before it, directly */
    private readonly array $before;

    /** @var list<int> by turn: its place among the turns of its person */
    private readonly array $bits;

    /** @var array<int, array<int, array<int, int>>> ends by kind, turns left and time */
    private array $ends = [];

    public function __construct(private readonly ClassWork $work)
    {
        $kinds = $before = $bits = $known = [];
        foreach ($work->ofPerson as $person => $turns) {
            foreach ($turns as $bit => $turn) {
                $bits[$turn] = $bit;
            }
            $before[$person] = array_map(static fn(int $turn): int => array_sum(array_map(static fn(int $earlier): int => 1 << $bits[$earlier], $work->turns[$turn]->after)), $turns);
            $kinds[] = $known[implode(',', array_map(static fn(int $turn): int => $work->turns[$turn]->exercise, $turns)) . '@' . $work->ready[$person]] ??= $person;
        }
        ksort($bits);
        [$this->kinds, $this->before, $this->bits] = [$kinds, array_values($before), array_values($bits)];
    }

    /** All turns of somebody, as bits. */
    public function all(int $person): int
    {
        return (1 << count($this->work->ofPerson[$person])) - 1;
    }

    /** The bit of a turn among those of its person. */
    public function bit(int $turn): int
    {
        return 1 << $this->bits[$turn];
    }

    /** What must be done directly before a turn, as bits. */
    public function before(int $turn): int
    {
        return $this->before[$this->work->turns[$turn]->person][$this->bits[$turn]];
    }

    /** Everything that must be done before a turn. */
    public function allBefore(int $turn): int
    {
        $of = $this->work->ofPerson[$this->work->turns[$turn]->person];
        $mask = $this->before($turn);
        do {
            $known = $mask;
            foreach ($of as $bit => $other) {
                $mask |= ($mask >> $bit & 1) === 1 ? $this->before($other) : 0;
            }
        } while ($mask !== $known);

        return $mask;
    }

    /** Everything that can only be done after a turn. */
    public function allAfter(int $turn): int
    {
        $mask = 0;
        foreach ($this->work->ofPerson[$this->work->turns[$turn]->person] as $bit => $other) {
            $mask |= ($this->allBefore($other) & $this->bit($turn)) !== 0 ? 1 << $bit : 0;
        }

        return $mask;
    }

    /** The earliest end of some turns of a person that are still to do, from a time on. */
    public function end(int $person, int $left, int $at): int
    {
        if ($left === 0) {
            return $at;
        }
        $at = max($at, $this->work->ready[$person]);
        $hours = $this->work->hours;
        $turns = $this->work->ofPerson[$person];
        if ($hours->isOpenFrom($at) || count($turns) > self::TRIED) {
            return $this->addedUp($turns, $left, $at);
        }
        $kind = $this->kinds[$person];
        if (isset($this->ends[$kind][$left][$at])) {
            return $this->ends[$kind][$left][$at];
        }
        $end = PHP_INT_MAX;
        foreach ($turns as $bit => $turn) {
            if (($left >> $bit & 1) === 1 && ($this->before[$person][$bit] & $left) === 0) {
                $length = $this->work->turns[$turn]->length;
                $end = min($end, $this->end($person, $left & ~(1 << $bit), $hours->earliest($at, $length) + $length));
            }
        }

        return $this->ends[$kind][$left][$at] = $end;
    }

    /** @param list<int> $turns */
    private function addedUp(array $turns, int $left, int $at): int
    {
        $sum = 0;
        foreach ($turns as $bit => $turn) {
            $sum += ($left >> $bit & 1) === 1 ? $this->work->turns[$turn]->length : 0;
        }
        $end = $at + $sum;
        while (($missing = $sum - $this->work->hours->free($at, $end)) > 0) {
            $end += $missing;
        }

        return $end;
    }
}
