<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

/** One notch, die or nest of a bar, in mm². */
final readonly class RulerSegment
{
    public function __construct(
        public string $label,
        public ?string $code,
        public float $from,
        public float $to,
        public ?float $provenFrom = null,
        public ?float $provenTo = null,
    ) {}
}
