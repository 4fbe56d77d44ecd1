<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/** A set of items and what it comes to. */
final readonly class Worth
{
    /**
     * @param list<int> $items   in rising order
     * @param list<int> $counted of them those that count where the order decides
     */
    public function __construct(
        public array $items,
        public array $counted,
        public int $won,
        public int $money,
        public int $fine,
        public int $count,
        public int $mass,
    ) {}

    /** Below nought when this is to be preferred; nought only for sets of the same counted items. */
    public function compare(self $other): int
    {
        return $this->compareFigures($other) ?: self::compareOrder($this->counted, $other->counted);
    }

    /** The same but for the order of the items. */
    public function compareFigures(self $other): int
    {
        return [-$this->won, $this->money, -$this->fine, $this->count, $this->mass] <=> [-$other->won, $other->money, -$other->fine, $other->count, $other->mass];
    }

    /**
     * @param list<int> $one
     * @param list<int> $other
     */
    private static function compareOrder(array $one, array $other): int
    {
        foreach ($one as $at => $item) {
            if (!isset($other[$at])) {
                return -1;
            }
            if ($item !== $other[$at]) {
                return $item <=> $other[$at];
            }
        }

        return count($other) <=> count($one);
    }
}
