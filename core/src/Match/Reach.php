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

    /** Thin end, mm². */
    public function from(): float
    {
        return $this->stretches[0]->from;
    }

    /** Thick end, mm². */
    public function to(): float
    {
        return $this->stretches[count($this->stretches) - 1]->to;
    }

    /** Whether a size stands on what is drawn of it: on a notch or nest where it has such, else anywhere between its ends. */
    public function covers(float $area): bool
    {
        foreach ($this->segments === [] ? $this->stretches : array_column($this->segments, 'over') as $stretch) {
            if ($stretch->covers($area)) {
                return true;
            }
        }

        return false;
    }

    /** @param non-empty-list<Stretch> $stretches */
    public static function of(array $stretches, ?SizeRange $proven): self
    {
        return new self($stretches, proven: $proven === null ? null : Stretch::over($proven));
    }
}
