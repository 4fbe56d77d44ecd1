<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Operation;

/** Steps that nothing covers and that one tool could. */
final readonly class Hole
{
    /**
     * @param non-empty-list<Line>      $lines  in the order of the scope, each once
     * @param non-empty-list<StepCover> $covers the open steps
     */
    public function __construct(
        public Operation $operation,
        public array $lines,
        public array $covers,
        public Wanted $wanted,
        /** The kit's tool that misses by least; null when none has the operation. */
        public ?ToolMatch $nearest,
    ) {}

    public function quantity(): int
    {
        return array_sum(array_map(static fn(Line $line): int => $line->quantity, $this->lines));
    }

    /** @return list<string> ids of the wires that the open steps are about, each once */
    public function wires(): array
    {
        return array_values(array_unique(array_filter(array_map(static fn(StepCover $cover): ?string => $cover->step->wire()?->id, $this->covers))));
    }
}
