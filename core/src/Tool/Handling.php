<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** What a tool is in the hand. Mass in g, lengths in mm, force in N. */
final readonly class Handling
{
    public function __construct(
        public ?int $massGrams = null,
        /** Between the handles, opened. */
        public ?float $handSpan = null,
        /** To close it. */
        public ?float $gripForce = null,
        public ?float $headSize = null,
        /** Works where access is tight. */
        public bool $compact = false,
        public bool $oneHanded = false,
    ) {}
}
