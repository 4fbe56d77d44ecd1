<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/**
 * An instance as flat lists, reduced: rows that the same items cover are one, rows that another implies are gone, and items
 * that another is as good as at everything are never chosen.
 *
 * An element is a row for one purpose: that it must be covered, or that a group wants it. Groups and fine groups are alike here,
 * each with a penalty for not being won.
 */
final readonly class Compiled
{
    /**
     * @param list<int>                   $cost     of each item, on the scale
     * @param list<int>                   $money    of each item
     * @param list<int>                   $mass     of each item
     * @param list<float>                 $size     how much is decided with each item
     * @param list<array{int, list<int>}> $arcs     an item, and those of which it needs one
     * @param list<list<int>>             $rowItems
     * @param list<list<int>>             $itemRows
     * @param list<int>                   $elRow    the row of each element
     * @param list<int>                   $elGroup  its group, or -1
     * @param list<list<int>>             $rowEls
     * @param list<list<int>>             $groupEls
     * @param list<int>                   $penalty  of each group for not being won, on the scale
     * @param list<int>                   $weight   of each group that counts toward what must be won, else 0
     * @param array<int, true>            $useless  items that are never chosen
     */
    private function __construct(
        public Instance $instance,
        public Scale $scale,
        public array $cost,
        public array $money,
        public array $mass,
        public array $size,
        public array $arcs,
        public array $rowItems,
        public array $itemRows,
        public array $elRow,
        public array $elGroup,
        public array $rowEls,
        public array $groupEls,
        public array $penalty,
        public array $weight,
        public array $useless,
        /** Weight of groups that may be lost; null where nothing is said. */
        public ?int $mayLose,
        private int $allWon,
        private int $allFine,
    ) {}

    public static function of(Instance $instance): self
    {
        $scale = Scale::of($instance);
        [$rowItems, $rowOf] = self::merged($instance->rows);
        $must = self::leastOf(array_values(array_unique(array_map(static fn(int $row): int => $rowOf[$row], $instance->must))), $rowItems);
        $elRow = $must;
        $elGroup = array_fill(0, count($must), -1);
        $groupEls = $penalty = $weights = [];
        // Groups that no set wins are lost before anything is chosen.
        $allWon = self::weight($instance->groups) - self::neverWon($instance->groups, $instance->rows);
        $mayLose = $instance->leastWon === null ? null : $allWon - $instance->leastWon;
        // What only makes better is not asked while it is all about what can be won.
        $fine = $scale->fine === 0 ? [] : $instance->fine;
        foreach ([[$instance->groups, $scale->won, true], [$fine, $scale->fine, false]] as [$groups, $weight, $isToBeWon]) {
            foreach (self::together($groups, $rowOf, $rowItems, $must) as [$rows, $sum]) {
                $els = [];
                foreach ($rows as $row) {
                    $els[] = count($elRow);
                    $elRow[] = $row;
                    $elGroup[] = count($groupEls);
                }
                $groupEls[] = $els;
                $penalty[] = $sum * $weight;
                $weights[] = $isToBeWon && $mayLose !== null ? $sum : 0;
            }
        }
        $rowEls = array_fill(0, count($rowItems), []);
        foreach ($elRow as $element => $row) {
            $rowEls[$row][] = $element;
        }
        $itemRows = array_fill(0, count($instance->items), []);
        foreach ($rowItems as $row => $items) {
            foreach ($rowEls[$row] === [] ? [] : $items as $item) {
                $itemRows[$item][] = $row;
            }
        }
        $arcs = [];
        foreach ($instance->items as $item => $of) {
            foreach ($of->needs as $either) {
                $arcs[] = [$item, $either];
            }
        }

        return new self(
            $instance,
            $scale,
            array_map($scale->item(...), $instance->items),
            array_map(static fn(Item $item): int => $item->money, $instance->items),
            array_map(static fn(Item $item): int => $item->mass, $instance->items),
            self::sizes($instance),
            $arcs,
            $rowItems,
            $itemRows,
            $elRow,
            $elGroup,
            $rowEls,
            $groupEls,
            $penalty,
            $weights,
            self::dominated($instance, $itemRows, $arcs),
            $mayLose,
            $allWon,
            self::weight($instance->fine) - self::neverWon($instance->fine, $instance->rows),
        );
    }

    /**
     * How much is decided with each item: its parts of what is limited or to be kept little.
     *
     * @return list<float>
     */
    private static function sizes(Instance $instance): array
    {
        $money = $instance->isAboutWinning() && $instance->budget === null ? 0.0 : 1.0 / max(1, array_sum(array_map(static fn(Item $item): int => $item->money, $instance->items)));
        $mass = $instance->massLimit === null ? 0.0 : 1.0 / max(1, array_sum(array_map(static fn(Item $item): int => $item->mass, $instance->items)));

        return array_map(static fn(Item $item): float => sqrt($money * $item->money + $mass * $item->mass), $instance->items);
    }

    /** With nothing chosen yet. */
    public function root(): Node
    {
        $node = new Node(array_fill(0, count($this->cost), Node::OPEN));
        foreach (array_keys($this->useless) as $item) {
            $node->fix($item, false);
        }

        return $node;
    }

    public function number(Worth $worth): int
    {
        return $this->scale->number($worth, $this->allWon, $this->allFine);
    }

    /** The most that can be won where nothing is below this number. */
    public function mostWon(int $least): int
    {
        return $this->scale->won === 0 ? 0 : $this->allWon - intdiv(max(0, $least), $this->scale->won);
    }

    /** The least money where nothing is below this number and all is won. */
    public function leastMoney(int $least): int
    {
        return $this->scale->money === 0 ? 0 : intdiv(max(0, $least), $this->scale->money);
    }

    /** @param list<Group> $groups */
    private static function weight(array $groups): int
    {
        return array_sum(array_map(static fn(Group $group): int => $group->weight, $groups));
    }

    /**
     * @param list<Group>     $groups
     * @param list<list<int>> $rows
     */
    private static function neverWon(array $groups, array $rows): int
    {
        return self::weight(array_values(array_filter($groups, static function (Group $group) use ($rows): bool {
            foreach ($group->rows as $row) {
                if ($rows[$row] === []) {
                    return true;
                }
            }

            return false;
        })));
    }

    /**
     * @param list<list<int>> $rows
     *
     * @return array{list<list<int>>, list<int>} the rows, each once, and where each of the old ones is now
     */
    private static function merged(array $rows): array
    {
        $merged = $at = $rowOf = [];
        foreach ($rows as $items) {
            $key = implode(',', $items);
            if (!isset($at[$key])) {
                $at[$key] = count($merged);
                $merged[] = $items;
            }
            $rowOf[] = $at[$key];
        }

        return [$merged, $rowOf];
    }

    /**
     * Those that no other of them implies: what covers a row covers every row that has all of its items.
     *
     * @param list<int>       $rows
     * @param list<list<int>> $rowItems
     *
     * @return list<int>
     */
    private static function leastOf(array $rows, array $rowItems): array
    {
        return array_values(array_filter($rows, static function (int $row) use ($rows, $rowItems): bool {
            foreach ($rows as $other) {
                if ($other !== $row && count($rowItems[$other]) < count($rowItems[$row]) && array_diff($rowItems[$other], $rowItems[$row]) === []) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * Groups of the same rows as one, without the rows that are covered in any case; those that no set wins are left out.
     *
     * @param list<Group>     $groups
     * @param list<int>       $rowOf
     * @param list<list<int>> $rowItems
     * @param list<int>       $must
     *
     * @return list<array{non-empty-list<int>, int}> rows and weight
     */
    private static function together(array $groups, array $rowOf, array $rowItems, array $must): array
    {
        $together = [];
        foreach ($groups as $group) {
            $rows = array_values(array_unique(array_map(static fn(int $row): int => $rowOf[$row], $group->rows)));
            sort($rows);
            $key = implode(',', $rows);
            $together[$key] = [$rows, $group->weight + ($together[$key][1] ?? 0)];
        }
        $isMust = array_fill_keys($must, true);
        $kept = [];
        foreach ($together as [$rows, $weight]) {
            foreach ($rows as $row) {
                if ($rowItems[$row] === []) {
                    continue 2;
                }
            }
            $left = array_values(array_filter(self::leastOf($rows, $rowItems), static fn(int $row): bool => !isset($isMust[$row])));
            if ($left !== [] && $weight > 0) {
                $kept[] = [$left, $weight];
            }
        }

        return $kept;
    }

    /**
     * Items that cover nothing that another does not cover for no more, and is before them where it is for the same.
     *
     * @param list<list<int>>             $itemRows
     * @param list<array{int, list<int>}> $arcs
     *
     * @return array<int, true>
     */
    private static function dominated(Instance $instance, array $itemRows, array $arcs): array
    {
        $isNeeded = [];
        foreach ($arcs as [, $either]) {
            $isNeeded += array_fill_keys($either, true);
        }
        $has = array_map(array_flip(...), $itemRows);
        $dominated = [];
        foreach ($instance->items as $one => $item) {
            if (isset($isNeeded[$one])) {
                continue;
            }
            if ($itemRows[$one] === []) {
                $dominated[$one] = true;
                continue;
            }
            foreach ($instance->items as $other => $better) {
                if ($other !== $one && count($itemRows[$other]) >= count($itemRows[$one]) && self::isAsCheap($instance, $other, $one) && array_diff_key($has[$one], $has[$other]) === []) {
                    $dominated[$one] = true;
                    break;
                }
            }
        }

        return $dominated;
    }

    private static function isAsCheap(Instance $instance, int $one, int $other): bool
    {
        [$first, $second] = [$instance->items[$one], $instance->items[$other]];
        foreach ($first->needs as $either) {
            if (!in_array($either, $second->needs, true)) {
                return false;
            }
        }
        // Who may be refused is no sure stand-in.
        if ($instance->isAllowed !== null && !($instance->isAllowed)([$one])) {
            return false;
        }
        // Where it is all about winning money is a limit like mass, and no more.
        if ($first->money > $second->money || ($instance->massLimit !== null && $first->mass > $second->mass) || ($instance->isAllowed !== null && $first->money === 0)) {
            return false;
        }
        $figures = [$first->money, $first->isCounted ? 1 : 0, $first->mass] <=> [$second->money, $second->isCounted ? 1 : 0, $second->mass];

        return $figures < 0 || ($figures === 0 && $one < $other);
    }
}
