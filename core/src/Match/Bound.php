<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\SizeRange;

/**
 * Beyond it something is surely unsuitable and need not be asked; as a rule in areas of wire, mm². A bound for speed, no rule: it is
 * wider than any rule, and where it cannot be told it is open.
 */
final readonly class Bound
{
    /** No trade equivalent is further off than this share of the area. */
    public const EQUIVALENT = 1.3;

    /** Nor is the next trade size. */
    public const NEXT_SIZE = 2.2;

    public function __construct(public float $from = 0.0, public float $to = INF) {}

    /**
     * @param list<SizeRange|null> $ranges nulls are passed over
     * @param float                $slack  how much further than the ranges any rule may reach, as a factor
     */
    public static function around(array $ranges, float $slack): self
    {
        $from = INF;
        $to = 0.0;
        foreach ($ranges as $range) {
            if ($range !== null) {
                $from = $range->from < $from ? $range->from : $from;
                $to = $range->to > $to ? $range->to : $to;
            }
        }

        return $from > $to ? new self() : new self($from / $slack, $to * $slack);
    }

    public function widened(float $factor): self
    {
        return new self($this->from / $factor, $this->to * $factor);
    }

    /** From nothing up: what is too thin is no reason not to be asked. */
    public function upwards(): self
    {
        return new self(0.0, $this->to);
    }
}
