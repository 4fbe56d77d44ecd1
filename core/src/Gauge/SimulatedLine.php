<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/** A line that a simulated gauge says, or what it does in place of one. */
final readonly class SimulatedLine
{
    public const CUT = 'cut';
    public const HANG = 'hang';
    public const FLOOD = 'flood';

    public function __construct(
        /** Seconds after it was armed. */
        public float $due,
        /** Without its end; or one of the above. */
        public string $text,
    ) {}
}
