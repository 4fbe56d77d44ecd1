<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Match\Reach;
use Gondrik\Core\Tool\Tool;

/** What one capability of a tool reaches. */
final readonly class RulerBar
{
    /** @param list<RulerMiss> $misses from thin to thick */
    public function __construct(
        public Tool $tool,
        public Reach $reach,
        public array $misses = [],
        /** It belongs here and is not there: it does nothing of what it reaches. */
        public bool $isAway = false,
    ) {}

    /** mm² */
    public function from(): float
    {
        return $this->reach->from();
    }

    /** mm² */
    public function to(): float
    {
        return $this->reach->to();
    }
}
