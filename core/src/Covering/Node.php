<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/** A part of the search: items that are chosen or left out, and what is still open because of it. */
final class Node
{
    public const OPEN = 0;

    public const IN = 1;

    public const OUT = -1;

    /** @var list<int> items not decided */
    public array $free = [];

    /** @var list<int> rows not covered that are still wanted */
    public array $rows = [];

    /** @var list<int> elements of those rows */
    public array $els = [];

    /** @var list<int> groups that can still be won and are not yet */
    public array $groups = [];

    /** @var list<int> needs of items not decided that nothing chosen meets, by number of the arc */
    public array $arcs = [];

    /** What is chosen, and what can no longer be won, on the scale. */
    public int $fixed = 0;

    public int $leftMoney = PHP_INT_MAX;

    public int $leftMass = PHP_INT_MAX;

    /** Weight of groups that may still be lost. */
    public int $leftLost = PHP_INT_MAX;

    /** @var array<int, true> groups that must be won, for they weigh more than may be lost */
    public array $mustWin = [];

    /** @param array<int, int> $state of each item */
    public function __construct(public array $state) {}

    public function fix(int $item, bool $isChosen): void
    {
        $this->state[$item] = $isChosen ? self::IN : self::OUT;
    }

    /** @return list<int> */
    public function chosen(): array
    {
        return array_keys($this->state, self::IN, true);
    }

    /** Nothing is wanted any more, and nothing that is chosen lacks what it needs: what is chosen is all. */
    public function isDone(Compiled $compiled): bool
    {
        if ($this->els !== []) {
            return false;
        }
        foreach ($this->arcs as $arc) {
            if ($this->state[$compiled->arcs[$arc][0]] === self::IN) {
                return false;
            }
        }

        return true;
    }

    /** Fixes what follows from what is fixed; false when nothing can come of it. */
    public function propagate(Compiled $compiled): bool
    {
        do {
            $before = $this->state;
            if (!$this->keepLimits($compiled) || !$this->meetNeeds($compiled) || !$this->cover($compiled)) {
                return false;
            }
            $this->leaveOutIdle($compiled);
        } while ($this->state !== $before);
        $this->free = array_keys($this->state, self::OPEN, true);
        $isAllowed = $compiled->instance->isAllowed;

        return $isAllowed === null || $isAllowed($this->chosen());
    }

    private function keepLimits(Compiled $compiled): bool
    {
        $this->fixed = 0;
        $this->leftMoney = $compiled->instance->budget ?? PHP_INT_MAX;
        $this->leftMass = $compiled->instance->massLimit ?? PHP_INT_MAX;
        foreach ($this->state as $item => $state) {
            if ($state === self::IN) {
                $this->fixed += $compiled->cost[$item];
                $this->leftMoney -= $compiled->money[$item];
                $this->leftMass -= $compiled->mass[$item];
            }
        }
        if ($this->leftMoney < 0 || $this->leftMass < 0) {
            return false;
        }
        foreach ($this->state as $item => $state) {
            if ($state === self::OPEN && ($compiled->money[$item] > $this->leftMoney || $compiled->mass[$item] > $this->leftMass)) {
                $this->state[$item] = self::OUT;
            }
        }

        return true;
    }

    private function meetNeeds(Compiled $compiled): bool
    {
        $this->arcs = [];
        foreach ($compiled->arcs as $arc => [$item, $either]) {
            if ($this->state[$item] === self::OUT) {
                continue;
            }
            $open = null;
            $count = 0;
            foreach ($either as $other) {
                if ($this->state[$other] === self::IN) {
                    continue 2;
                }
                if ($this->state[$other] === self::OPEN) {
                    $open = $other;
                    $count++;
                }
            }
            if ($this->state[$item] === self::IN) {
                if ($open === null) {
                    return false;
                }
                if ($count === 1) {
                    $this->state[$open] = self::IN;
                }
            } elseif ($open === null) {
                $this->state[$item] = self::OUT;
            }
            $this->arcs[] = $arc;
        }

        return true;
    }

    private function cover(Compiled $compiled): bool
    {
        $isCovered = $open = [];
        foreach ($compiled->rowItems as $row => $items) {
            $last = null;
            $count = 0;
            foreach ($items as $item) {
                $state = $this->state[$item];
                if ($state === self::IN) {
                    $isCovered[$row] = true;
                    continue 2;
                }
                if ($state === self::OPEN) {
                    $last = $item;
                    $count++;
                }
            }
            // The last that is left, nought for none, and -1 for several.
            $open[$row] = $count === 1 ? $last : ($count === 0 ? null : -1);
        }
        $this->els = [];
        $wanted = [];
        foreach ($compiled->elGroup as $element => $group) {
            if ($group !== -1) {
                break;
            }
            $row = $compiled->elRow[$element];
            if (!isset($isCovered[$row])) {
                if (!$this->mustCover($open[$row])) {
                    return false;
                }
                $this->els[] = $element;
                $wanted[$row] = true;
            }
        }

        return $this->win($compiled, $isCovered, $open, $wanted);
    }

    /**
     * @param array<int, true> $isCovered by row
     * @param array<int, ?int> $open      by row that is not
     * @param array<int, true> $wanted    rows that must be covered and are not
     */
    private function win(Compiled $compiled, array $isCovered, array $open, array $wanted): bool
    {
        $this->groups = $this->mustWin = [];
        $this->leftLost = $compiled->mayLose ?? PHP_INT_MAX;
        $lacking = [];
        foreach ($compiled->groupEls as $group => $elements) {
            $lacks = [];
            foreach ($elements as $element) {
                $row = $compiled->elRow[$element];
                if (isset($isCovered[$row])) {
                    continue;
                }
                if ($open[$row] === null) {
                    $this->fixed += $compiled->penalty[$group];
                    $this->leftLost -= $compiled->weight[$group];
                    continue 2;
                }
                $lacks[] = $element;
            }
            if ($lacks !== []) {
                $lacking[$group] = $lacks;
            }
        }
        if ($this->leftLost < 0) {
            return false;
        }
        // Once as much is won as must be, what is left of those groups is no matter.
        $isEnough = $compiled->mayLose !== null && array_sum(array_intersect_key($compiled->weight, $lacking)) <= $this->leftLost;
        foreach ($lacking as $group => $lacks) {
            if ($isEnough && $compiled->weight[$group] > 0) {
                continue;
            }
            $this->groups[] = $group;
            $isMust = $compiled->weight[$group] > $this->leftLost;
            if ($isMust) {
                $this->mustWin[$group] = true;
            }
            foreach ($lacks as $element) {
                $row = $compiled->elRow[$element];
                if ($isMust && !$this->mustCover($open[$row])) {
                    return false;
                }
                $this->els[] = $element;
                $wanted[$row] = true;
            }
        }
        $this->rows = array_keys($wanted);

        return true;
    }

    /** Takes the last item that is left for a row; false where there is none. */
    private function mustCover(?int $last): bool
    {
        if ($last !== null && $last >= 0) {
            $this->state[$last] = self::IN;
        }

        return $last !== null;
    }

    /** What covers nothing that is wanted, and is needed by nothing that might be chosen, is left out. */
    private function leaveOutIdle(Compiled $compiled): void
    {
        $isOfUse = [];
        foreach ($this->rows as $row) {
            foreach ($compiled->rowItems[$row] as $item) {
                $isOfUse[$item] = true;
            }
        }
        foreach ($this->arcs as $arc) {
            foreach ($compiled->arcs[$arc][1] as $item) {
                $isOfUse[$item] = true;
            }
        }
        foreach ($this->state as $item => $state) {
            if ($state === self::OPEN && !isset($isOfUse[$item])) {
                $this->state[$item] = self::OUT;
            }
        }
    }
}
