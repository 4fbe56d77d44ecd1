<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Fit;

/** A stretch of sizes, as areas in mm², and how well it is done there. */
final readonly class Stretch
{
    public function __construct(public float $from, public float $to, public Fit $fit = Fit::Proper) {}

    /** @param float $area mm² */
    public function covers(float $area): bool
    {
        return !Tolerance::isBelow($area, $this->from) && !Tolerance::isAbove($area, $this->to);
    }

    /** From the least to the greatest end of both families. */
    public static function over(SizeRange $range, Fit $fit = Fit::Proper): self
    {
        return new self($range->from, $range->to, $fit);
    }

    /** @param non-empty-list<self> $stretches */
    public static function hull(array $stretches, Fit $fit = Fit::Proper): self
    {
        return new self(
            min(array_map(static fn(self $one): float => $one->from, $stretches)),
            max(array_map(static fn(self $one): float => $one->to, $stretches)),
            $fit,
        );
    }

    /**
     * The same in two where it reaches over a limit.
     *
     * @return non-empty-list<self>
     */
    public function partedAt(float $area, Fit $below): array
    {
        return match (true) {
            $this->from >= $area => [$this],
            $this->to <= $area => [new self($this->from, $this->to, $this->fit->worse($below))],
            default => [new self($this->from, $area, $this->fit->worse($below)), new self($area, $this->to, $this->fit)],
        };
    }
}
