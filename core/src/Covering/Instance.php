<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/**
 * A covering problem by itself: items are chosen so that all rows that must be covered are, within the limits; then, each
 * where those before it are equal: most weight of groups won, least money, most weight of fine groups won, fewest items,
 * least mass, and of two sets the one that has the first item in which they differ.
 *
 * Money, mass and weights are whole numbers, nought or more.
 */
final readonly class Instance
{
    /**
     * @param list<Item>                       $items
     * @param list<list<int>>                  $rows      the items that cover each, in rising order
     * @param list<int>                        $must      rows
     * @param list<Group>                      $groups
     * @param list<Group>                      $fine
     * @param (\Closure(list<int>): bool)|null $isAllowed whether items may be chosen together; who adds to what is refused is refused
     */
    public function __construct(
        public array $items,
        public array $rows,
        public array $must = [],
        public array $groups = [],
        public array $fine = [],
        public ?int $budget = null,
        public ?int $massLimit = null,
        public ?\Closure $isAllowed = null,
        /** So much weight of groups must be won, whatever it costs; null: as much as can be. */
        public ?int $leastWon = null,
    ) {}

    public function winning(int $leastWon): self
    {
        return new self($this->items, $this->rows, $this->must, $this->groups, $this->fine, $this->budget, $this->massLimit, $this->isAllowed, $leastWon);
    }

    /** Whether it is all about what can be won: what that costs is asked when it is known. */
    public function isAboutWinning(): bool
    {
        return $this->groups !== [] && $this->leastWon === null;
    }

    /** The same without some items: nothing is covered by them, and nothing that needs them can be chosen. */
    public function without(int ...$barred): self
    {
        $isBarred = array_fill_keys($barred, true);
        do {
            $before = count($isBarred);
            foreach ($this->items as $index => $item) {
                foreach (isset($isBarred[$index]) ? [] : $item->needs as $either) {
                    if (array_diff_key(array_flip($either), $isBarred) === []) {
                        $isBarred[$index] = true;
                    }
                }
            }
        } while (count($isBarred) > $before);
        $rows = array_map(static fn(array $row): array => array_values(array_filter($row, static fn(int $item): bool => !isset($isBarred[$item]))), $this->rows);
        $items = array_map(static fn(Item $item): Item => new Item(
            $item->money,
            $item->mass,
            $item->isCounted,
            array_map(static fn(array $either): array => array_values(array_filter($either, static fn(int $other): bool => !isset($isBarred[$other]))), $item->needs),
        ), $this->items);

        return new self($items, $rows, $this->must, $this->groups, $this->fine, $this->budget, $this->massLimit, $this->isAllowed, $this->leastWon);
    }

    /**
     * What a set of items comes to: what it needs is looked at, what it must cover is not.
     *
     * @param list<int> $chosen
     */
    public function worth(array $chosen): Worth
    {
        sort($chosen);
        $has = array_fill_keys($chosen, true);
        $isCovered = array_map(static function (array $row) use ($has): bool {
            foreach ($row as $item) {
                if (isset($has[$item])) {
                    return true;
                }
            }

            return false;
        }, $this->rows);
        $money = $mass = 0;
        $counted = [];
        foreach ($chosen as $index) {
            $money += $this->items[$index]->money;
            $mass += $this->items[$index]->mass;
            if ($this->items[$index]->isCounted) {
                $counted[] = $index;
            }
        }

        return new Worth($chosen, $counted, self::won($this->groups, $isCovered), $money, self::won($this->fine, $isCovered), count($counted), $mass);
    }

    /**
     * @param list<Group> $groups
     * @param list<bool>  $isCovered by row
     */
    private static function won(array $groups, array $isCovered): int
    {
        $won = 0;
        foreach ($groups as $group) {
            foreach ($group->rows as $row) {
                if (!$isCovered[$row]) {
                    continue 2;
                }
            }
            $won += $group->weight;
        }

        return $won;
    }
}
