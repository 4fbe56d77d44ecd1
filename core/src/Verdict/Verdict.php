<?php

declare(strict_types=1);

namespace Gondrik\Core\Verdict;

/** What all checks come to, in numbers: enough to choose by and to rank by, without a word. */
final readonly class Verdict
{
    public Fit $fit;

    public function __construct(
        /** Unsuitable reasons. */
        public int $unsuitable,
        /** Makeshift reasons. */
        public int $makeshift,
        /** Passes that want a second look, and makeshift reasons. */
        public int $remarks,
        /** How far off in all: the sum of |ln(value/limit)| of what does not pass, ln 10 for a mismatch of kind. */
        public float $miss,
    ) {
        $this->fit = $unsuitable > 0 ? Fit::Unsuitable : ($makeshift > 0 ? Fit::Makeshift : Fit::Proper);
    }

    public function isPerfect(): bool
    {
        return $this->unsuitable === 0 && $this->remarks === 0;
    }

    /** Negative when this one is to be preferred: better fit, then fewer remarks; of two misses the nearer one. */
    public function compare(self $other): int
    {
        return $this->unsuitable > 0 && $other->unsuitable > 0
            ? ($this->unsuitable <=> $other->unsuitable ?: $this->makeshift <=> $other->makeshift ?: $this->miss <=> $other->miss)
            : ($this->fit->rank() <=> $other->fit->rank() ?: $this->remarks <=> $other->remarks);
    }
}
