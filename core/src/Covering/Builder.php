<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/**
 * Good sets quickly: rows that must be covered by what is cheapest for each, then group after group by weight for money, then
 * what turned out not to be needed is left out again. Prices are the items' own, or what the bound makes of them.
 */
final readonly class Builder
{
    public function __construct(private Compiled $compiled) {}

    /** @return list<Worth> by the items' own prices */
    public function first(Node $node): array
    {
        return $this->byPrices($node, [$this->compiled->scale->money === 0 ? $this->compiled->money : $this->compiled->cost]);
    }

    /** @return list<Worth> by the items' own prices, and by what the bound makes of them */
    public function build(Node $node, Relaxed $relaxed): array
    {
        return [...$this->first($node), ...$this->byPrices($node, [array_map(static fn(int $of): int => max(0, $of), $relaxed->reduced)])];
    }

    /**
     * @param list<array<int, int>> $by prices of the items
     *
     * @return list<Worth>
     */
    private function byPrices(Node $node, array $by): array
    {
        $found = [];
        foreach ($by as $prices) {
            $chosen = $this->covering($node, $prices) ?? $this->all($node);
            if ($chosen !== null) {
                $chosen = $this->winning($node, $chosen, $prices);
                $found[] = $this->compiled->instance->worth(array_keys($this->lean($node, $chosen)));
            }
        }

        return $found;
    }

    /**
     * Everything that can be had, where nothing better is found: what must be covered is.
     *
     * @return array<int, true>|null
     */
    private function all(Node $node): ?array
    {
        $chosen = array_fill_keys(array_keys(array_filter($node->state, static fn(int $state): bool => $state !== Node::OUT)), true);
        do {
            $before = count($chosen);
            foreach ($this->compiled->arcs as [$item, $either]) {
                if (isset($chosen[$item]) && array_intersect_key($chosen, array_flip($either)) === []) {
                    unset($chosen[$item]);
                }
            }
        } while (count($chosen) < $before);

        return $this->isSound($chosen) && $this->isWithin($chosen) ? $chosen : null;
    }

    /**
     * @param array<int, int> $prices
     *
     * @return array<int, true>|null
     */
    private function covering(Node $node, array $prices): ?array
    {
        $chosen = array_fill_keys($node->chosen(), true);
        $open = [];
        foreach ($node->els as $element) {
            if ($this->compiled->elGroup[$element] === -1) {
                $open[$this->compiled->elRow[$element]] = true;
            }
        }
        foreach ($node->arcs as $arc) {
            [$item] = $this->compiled->arcs[$arc];
            if ($node->state[$item] === Node::IN && !$this->add($node, $chosen, [], $prices, $item)) {
                return null;
            }
        }
        while ($open !== []) {
            $best = null;
            foreach ($node->free as $item) {
                $covers = 0;
                foreach (isset($chosen[$item]) ? [] : $this->compiled->itemRows[$item] as $row) {
                    $covers += isset($open[$row]) ? 1 : 0;
                }
                if ($covers > 0) {
                    $with = $this->closure($node, $chosen, $prices, $item);
                    $each = $with === null ? INF : ($this->sum($with, $prices) + 1) / $covers;
                    if ($with !== null && ($best === null || $each < $best[0])) {
                        $best = [$each, $with];
                    }
                }
            }
            if ($best === null) {
                $open = array_filter($open, fn(int $row): bool => !$this->isCovered($row, $chosen), ARRAY_FILTER_USE_KEY);
                if ($open !== []) {
                    return null;
                }
                break;
            }
            $chosen += $best[1];
            if (!$this->isWithin($chosen)) {
                return null;
            }
            $open = array_filter($open, fn(int $row): bool => !$this->isCovered($row, $chosen), ARRAY_FILTER_USE_KEY);
        }

        return $chosen;
    }

    /**
     * @param array<int, true> $chosen
     * @param array<int, int>  $prices
     *
     * @return array<int, true>
     */
    private function winning(Node $node, array $chosen, array $prices): array
    {
        $open = array_flip($node->groups);
        while ($open !== []) {
            $lost = $this->lost($node, $chosen);
            $best = null;
            foreach ($open as $group => $_) {
                $with = $this->completing($node, $chosen, $prices, $group);
                if ($with === null) {
                    unset($open[$group]);
                    continue;
                }
                $mustBeWon = $this->compiled->weight[$group] > 0;
                if ($mustBeWon ? $lost <= $node->leftLost : $this->sum($with, $this->compiled->cost) > $this->compiled->penalty[$group]) {
                    continue;
                }
                $ratio = ($this->sum($with, $prices) + 1) / ($mustBeWon ? $this->compiled->weight[$group] : $this->compiled->penalty[$group]);
                if ($best === null || $ratio < $best[0]) {
                    $best = [$ratio, $with, $group];
                }
            }
            if ($best === null) {
                break;
            }
            unset($open[$best[2]]);
            if ($this->isWithin($chosen + $best[1])) {
                $chosen += $best[1];
            }
        }

        return $chosen;
    }

    /**
     * What a group lacks, row by row the cheapest.
     *
     * @param array<int, true> $chosen
     * @param array<int, int>  $prices
     *
     * @return array<int, true>|null
     */
    private function completing(Node $node, array $chosen, array $prices, int $group): ?array
    {
        $more = [];
        foreach ($this->compiled->groupEls[$group] as $element) {
            $row = $this->compiled->elRow[$element];
            if ($this->isCovered($row, $chosen + $more)) {
                continue;
            }
            $best = null;
            foreach ($this->compiled->rowItems[$row] as $item) {
                if ($node->state[$item] === Node::OPEN) {
                    $with = $this->closure($node, $chosen + $more, $prices, $item);
                    $sum = $with === null ? PHP_INT_MAX : $this->sum($with, $prices);
                    if ($with !== null && ($best === null || $sum < $best[0])) {
                        $best = [$sum, $with];
                    }
                }
            }
            if ($best === null) {
                return null;
            }
            $more += $best[1];
        }

        return $this->isWithin($chosen + $more) ? $more : null;
    }

    /**
     * An item with what it needs and is not chosen yet; null when that cannot be had.
     *
     * @param array<int, true> $chosen
     * @param array<int, int>  $prices
     *
     * @return array<int, true>|null
     */
    private function closure(Node $node, array $chosen, array $prices, int $item): ?array
    {
        $with = [];

        return $this->add($node, $with, $chosen, $prices, $item) ? $with : null;
    }

    /**
     * @param array<int, true> $with
     * @param array<int, true> $chosen
     * @param array<int, int>  $prices
     */
    private function add(Node $node, array &$with, array $chosen, array $prices, int $item): bool
    {
        if ($node->state[$item] === Node::OUT) {
            return false;
        }
        $with[$item] = true;
        foreach ($this->compiled->instance->items[$item]->needs as $either) {
            $best = null;
            foreach ($either as $other) {
                if (isset($with[$other]) || isset($chosen[$other])) {
                    continue 2;
                }
                if ($node->state[$other] !== Node::OUT && ($best === null || ($prices[$other] ?? 0) < ($prices[$best] ?? 0))) {
                    $best = $other;
                }
            }
            if ($best === null || !$this->add($node, $with, $chosen, $prices, $best)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Less what nothing would miss, the dearest first.
     *
     * @param array<int, true> $chosen
     *
     * @return array<int, true>
     */
    private function lean(Node $node, array $chosen): array
    {
        $worth = $this->compiled->number($this->compiled->instance->worth(array_keys($chosen)));
        $free = array_filter(array_keys($chosen), static fn(int $item): bool => $node->state[$item] === Node::OPEN);
        usort($free, fn(int $one, int $other): int => [$this->compiled->cost[$other], $one] <=> [$this->compiled->cost[$one], $other]);
        foreach ($free as $item) {
            $less = $chosen;
            unset($less[$item]);
            if ($this->isSound($less)) {
                $lighter = $this->compiled->instance->worth(array_keys($less));
                $number = $this->compiled->number($lighter);
                if ($number <= $worth && $lighter->won >= ($this->compiled->instance->leastWon ?? 0)) {
                    [$chosen, $worth] = [$less, $number];
                }
            }
        }

        return $chosen;
    }

    /**
     * Weight of the groups that are still open and not won.
     *
     * @param array<int, true> $chosen
     */
    private function lost(Node $node, array $chosen): int
    {
        $lost = 0;
        foreach ($this->compiled->mayLose === null ? [] : $node->groups as $group) {
            foreach ($this->compiled->groupEls[$group] as $element) {
                if (!$this->isCovered($this->compiled->elRow[$element], $chosen)) {
                    $lost += $this->compiled->weight[$group];
                    break;
                }
            }
        }

        return $lost;
    }

    /**
     * Whether all needs are met and all that must be covered is.
     *
     * @param array<int, true> $chosen
     */
    private function isSound(array $chosen): bool
    {
        foreach ($this->compiled->arcs as [$item, $either]) {
            if (isset($chosen[$item]) && array_intersect_key($chosen, array_flip($either)) === []) {
                return false;
            }
        }
        foreach ($this->compiled->elGroup as $element => $group) {
            if ($group !== -1) {
                break;
            }
            if (!$this->isCovered($this->compiled->elRow[$element], $chosen)) {
                return false;
            }
        }

        return true;
    }

    /** @param array<int, true> $chosen */
    private function isCovered(int $row, array $chosen): bool
    {
        foreach ($this->compiled->rowItems[$row] as $item) {
            if (isset($chosen[$item])) {
                return true;
            }
        }

        return false;
    }

    /** @param array<int, true> $chosen */
    private function isWithin(array $chosen): bool
    {
        $instance = $this->compiled->instance;
        if ($instance->budget === null && $instance->massLimit === null && $instance->isAllowed === null) {
            return true;
        }

        return ($instance->budget === null || $this->sum($chosen, $this->compiled->money) <= $instance->budget)
            && ($instance->massLimit === null || $this->sum($chosen, $this->compiled->mass) <= $instance->massLimit)
            && ($instance->isAllowed === null || ($instance->isAllowed)(array_keys($chosen)));
    }

    /**
     * @param array<int, true> $items
     * @param array<int, int>  $amounts
     */
    private function sum(array $items, array $amounts): int
    {
        $sum = 0;
        foreach ($items as $item => $_) {
            $sum += $amounts[$item] ?? 0;
        }

        return $sum;
    }
}
