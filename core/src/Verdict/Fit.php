<?php

declare(strict_types=1);

namespace Gondrik\Core\Verdict;

/** How well something does what a step needs, best first. */
enum Fit: string
{
    case Proper = 'proper';
    case Makeshift = 'makeshift';
    case Unsuitable = 'unsuitable';

    /** 0 proper, 1 makeshift, 2 unsuitable: lower is better. */
    public function rank(): int
    {
        return match ($this) {
            self::Proper => 0,
            self::Makeshift => 1,
            self::Unsuitable => 2,
        };
    }

    public function worse(self $other): self
    {
        return $this->rank() >= $other->rank() ? $this : $other;
    }
}
