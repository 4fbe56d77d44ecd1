<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Verdict\Reason;

/** A size that a bar reaches and whose work its tool does not do, or not for all lines. */
final readonly class RulerMiss
{
    /** @param list<string> $lines ids of the lines that it does not do */
    public function __construct(
        /** mm² */
        public float $area,
        public array $lines,
        /** How many lines of this size the lane has. */
        public int $of,
        /** The first check that fails, of the first of these lines. */
        public Reason $reason,
    ) {}

    /** Whether it does none of them. */
    public function isWhole(): bool
    {
        return count($this->lines) === $this->of;
    }
}
