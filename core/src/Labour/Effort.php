<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

/** Seconds of work, and how often a hand squeezes in them. Seconds have a fraction only where somebody has measured them. */
final readonly class Effort
{
    public function __construct(public int|float $seconds = 0, public int $squeezes = 0) {}

    public function plus(self $other): self
    {
        return new self($this->seconds + $other->seconds, $this->squeezes + $other->squeezes);
    }

    public function times(int $times): self
    {
        return new self($this->seconds * $times, $this->squeezes * $times);
    }

    /** The same with a drive in place of the hand. */
    public function powered(): self
    {
        return new self($this->seconds);
    }
}
