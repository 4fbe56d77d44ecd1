<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

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

    public function wire(): ?Wire
    {
        return $this->end?->wire;
    }
}
