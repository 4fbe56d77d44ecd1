<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Fit;
use Gondrik\Core\Tool\Tool;

/** The sizes that one capability of a tool reaches, in mm². */
final readonly class RulerBar
{
    /** @param list<RulerSegment> $segments */
    public function __construct(
        public Tool $tool,
        /** Makeshift: drawn as such, whatever the size. */
        public Fit $fit,
        public float $from,
        public float $to,
        public ?float $provenFrom,
        public ?float $provenTo,
        public array $segments,
    ) {}
}
