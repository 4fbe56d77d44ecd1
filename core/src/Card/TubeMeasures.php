<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

/** What a tube goes over, in mm. */
final readonly class TubeMeasures
{
    public function __construct(
        public float $widest,
        public float $narrowest,
        /** All that lies under it; null where the barrel's length is not stated. */
        public ?float $covered,
    ) {}
}
