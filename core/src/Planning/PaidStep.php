<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** A step that somebody does for so much a piece. */
final readonly class PaidStep
{
    public function __construct(public Way $way, public PlannedLine $line, public int $step) {}

    public function cost(): int
    {
        return $this->way->cost * $this->line->line->quantity;
    }
}
