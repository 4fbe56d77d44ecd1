<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;

/** A tool that nobody can plan with, for it has no price, and the open steps that it would do. */
final readonly class Unpriced
{
    /**
     * @param non-empty-list<StepRef>   $does
     * @param non-empty-list<Operation> $operations of these steps
     */
    public function __construct(public Tool $tool, public array $does, public array $operations) {}

    /** Terminations of the lines that want it: each line once. */
    public function terminations(): int
    {
        $lines = [];
        foreach ($this->does as $step) {
            $lines[$step->line->id] = $step->line->line->quantity;
        }

        return array_sum($lines);
    }
}
