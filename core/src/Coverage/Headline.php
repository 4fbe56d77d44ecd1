<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Tool\ToolKind;

/** A kit against a scope in numbers, by quantity of terminations. */
final readonly class Headline
{
    public int $terminations;

    /** @param list<ToolKind> $carryMissing kinds that the house wants in every kit and this one lacks */
    public function __construct(
        public int $covered,
        public int $makeshift,
        public int $hole,
        public int $faulty,
        public bool $makeshiftCounts,
        public array $carryMissing,
    ) {
        $this->terminations = $covered + $makeshift + $hole + $faulty;
    }

    /**
     * Covered share of the terminations to two decimals, cut off and not rounded: 1 means that nothing is missing.
     * Null for a scope without lines.
     */
    public function share(): ?float
    {
        if ($this->terminations === 0) {
            return null;
        }
        $good = $this->covered + ($this->makeshiftCounts ? $this->makeshift : 0);

        return intdiv(100 * $good, $this->terminations) / 100;
    }
}
