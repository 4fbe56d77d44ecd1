<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\SizeRange;

/** What one capability reaches along the sizes. */
final readonly class Reach
{
    /**
     * @param non-empty-list<Stretch> $stretches from thin to thick, each end to end with the next
     * @param list<Segment>           $segments  notches, dies, nests
     */
    public function __construct(
        public array $stretches,
        public array $segments = [],
        public ?Stretch $proven = null,
    ) {}

    /** @param non-empty-list<Stretch> $stretches */
    public static function of(array $stretches, ?SizeRange $proven): self
    {
        return new self($stretches, proven: $proven === null ? null : Stretch::over($proven));
    }
}
