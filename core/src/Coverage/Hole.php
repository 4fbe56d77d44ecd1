<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Operation;

/** Steps that nothing covers and that one tool could. */
final readonly class Hole
{
    /** @param non-empty-list<Step> $steps */
    public function __construct(
        public array $steps,
        public Wanted $wanted,
        /** The kit's tool that misses by least; null when none has the operation. */
        public ?ToolMatch $nearest,
    ) {}

    public function operation(): Operation
    {
        return $this->steps[0]->operation;
    }

    /** @return list<Line> in the order of the scope, each once */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->steps as $step) {
            $lines[$step->line->id] = $step->line;
        }

        return array_values($lines);
    }

    public function quantity(): int
    {
        return array_sum(array_map(static fn(Line $line): int => $line->quantity, $this->lines()));
    }
}
