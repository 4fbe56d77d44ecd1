<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

/** What packages come to: cents, then pieces, then how many packages; less is better in this order. */
final readonly class Outlay
{
    public function __construct(
        public int $cents = 0,
        /** mm of tubes among them */
        public int $pieces = 0,
        public int $packages = 0,
    ) {}

    public function plus(self $other, int $times = 1): self
    {
        return new self($this->cents + $times * $other->cents, $this->pieces + $times * $other->pieces, $this->packages + $times * $other->packages);
    }

    /** Negative when it is better than another, 0 when both are the same. */
    public function against(self $other): int
    {
        return [$this->cents, $this->pieces, $this->packages] <=> [$other->cents, $other->pieces, $other->packages];
    }
}
