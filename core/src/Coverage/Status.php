<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Verdict\Fit;

/** How a step or a line stands, best first. A step is never faulty, only a line is. */
enum Status: string
{
    case Covered = 'covered';
    case Makeshift = 'makeshift';
    case Hole = 'hole';
    case Faulty = 'faulty';

    /** What a step is when its best match has this fit, null for no tool at all. */
    public static function ofBest(?Fit $fit): self
    {
        return match ($fit) {
            Fit::Proper => self::Covered,
            Fit::Makeshift => self::Makeshift,
            Fit::Unsuitable, null => self::Hole,
        };
    }

    public function worse(self $other): self
    {
        return $this->rank() >= $other->rank() ? $this : $other;
    }

    /** Whether what stands so can be made. */
    public function isMade(): bool
    {
        return $this === self::Covered || $this === self::Makeshift;
    }

    private function rank(): int
    {
        return match ($this) {
            self::Covered => 0,
            self::Makeshift => 1,
            self::Hole => 2,
            self::Faulty => 3,
        };
    }
}
