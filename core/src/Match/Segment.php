<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

/** One notch, die or nest as it stands along the sizes. */
final readonly class Segment
{
    public function __construct(
        public string $label,
        public ?string $code,
        public Stretch $over,
        public ?Stretch $proven = null,
    ) {}
}
