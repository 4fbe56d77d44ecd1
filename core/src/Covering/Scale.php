<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/**
 * The figures of a worth as one whole number, less being better, so that a bound is one number too and exact: nothing is
 * rounded. A level of little weight is left out where all of them together would not fit.
 */
final readonly class Scale
{
    private const LARGEST = 2 ** 59;

    /** Room for multipliers between two steps of the lowest level. */
    private const LEAST = 2 ** 38;

    private function __construct(
        public int $won,
        public int $money,
        public int $fine,
        public int $count,
        public int $mass,
        /** What two different figures differ by, at least. */
        public int $unit,
        /** Whether every level is in it: if not, equal numbers may still be different worths. */
        public bool $isWhole,
    ) {}

    public static function of(Instance $instance): self
    {
        $money = array_map(static fn(Item $item): int => $item->money, $instance->items);
        $mass = array_map(static fn(Item $item): int => $item->mass, $instance->items);
        $spend = $instance->budget === null ? array_sum($money) : min(array_sum($money), $instance->budget);
        if ($instance->isAboutWinning()) {
            return self::ofWinning($instance);
        }
        $levels = [
            [$money, $spend],
            [self::weights($instance->fine), array_sum(self::weights($instance->fine))],
            [[1], count($instance->items)],
            [$mass, array_sum($mass)],
        ];
        for ($left = count($levels); ; $left--) {
            $weights = array_fill(0, count($levels), 0);
            $below = 0;
            for ($level = $left - 1; $level >= 0 && is_int($below) && $below <= self::LARGEST; $level--) {
                [$values, $range] = $levels[$level];
                // A step of this level is more than all that lies below it can come to.
                $weights[$level] = intdiv($below, self::step($values)) + 1;
                $below += $weights[$level] * $range;
            }
            if ((is_int($below) && $below <= self::LARGEST) || $left === 1) {
                $unit = $below > 0 && $below < self::LEAST ? intdiv(self::LEAST, $below) : 1;

                return new self(0, ...array_map(static fn(int $weight): int => $weight * $unit, $weights), unit: $unit, isWhole: $left === count($levels));
            }
        }
    }

    /** Groups alone: what is won is known before anything is asked about money. */
    private static function ofWinning(Instance $instance): self
    {
        $all = max(1, array_sum(self::weights($instance->groups)));
        $unit = max(1, intdiv(self::LEAST, $all));

        return new self($unit, 0, 0, 0, 0, $unit * self::step(self::weights($instance->groups)), true);
    }

    /** One of the highest level: what prices are measured by. */
    public function highest(): int
    {
        return max(1, $this->won, $this->money);
    }

    public function number(Worth $worth, int $allWon, int $allFine): int
    {
        return $this->won * ($allWon - $worth->won) + $this->money * $worth->money + $this->fine * ($allFine - $worth->fine) + $this->count * $worth->count + $this->mass * $worth->mass;
    }

    public function item(Item $item): int
    {
        return $this->money * $item->money + $this->count * ($item->isCounted ? 1 : 0) + $this->mass * $item->mass;
    }

    /**
     * @param list<Group> $groups
     *
     * @return list<int>
     */
    private static function weights(array $groups): array
    {
        return array_map(static fn(Group $group): int => $group->weight, $groups);
    }

    /**
     * The greatest common divisor: figures of a level differ by no less.
     *
     * @param list<int> $values
     */
    private static function step(array $values): int
    {
        $step = 0;
        foreach ($values as $value) {
            while ($value !== 0) {
                [$step, $value] = [$value, $step % $value];
            }
        }

        return max(1, $step);
    }
}
