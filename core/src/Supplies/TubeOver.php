<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

/** A line that gets a tube, and what that goes over; diameters in mm. */
final readonly class TubeOver
{
    public function __construct(
        /** Scope and line: "cabin/l1". */
        public string $line,
        public bool $isLined,
        public float $widest,
        public float $narrowest,
    ) {}
}
