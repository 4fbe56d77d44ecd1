<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Match\Reach;
use Gondrik\Core\Tool\Tool;

/** What one capability of a tool reaches. */
final readonly class RulerBar
{
    public function __construct(public Tool $tool, public Reach $reach) {}

    /** mm² */
    public function from(): float
    {
        return $this->reach->stretches[0]->from;
    }

    /** mm² */
    public function to(): float
    {
        return $this->reach->stretches[count($this->reach->stretches) - 1]->to;
    }
}
