<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Wire\Wire;

/** One operation that a line needs; for a splice once for each of its wires. */
final readonly class Step
{
    public function __construct(
        public Operation $operation,
        /** The end it is done to; null for a bare screw. */
        public ?End $end,
    ) {}

    /** What a hand must be able to do for it; null for one that says too little of itself (a crimp without a terminal). */
    public function skill(Line $line): ?HandSkill
    {
        return HandSkill::of($this->operation, $this->wire()?->insulation->group(), $line->terminal?->class);
    }

    public function wire(): ?Wire
    {
        return $this->end?->wire;
    }
}
