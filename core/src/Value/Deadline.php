<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** When to stop and give the best that was found; or somebody who no longer waits. */
final readonly class Deadline
{
    private function __construct(private ?float $at, private ?\Closure $isStopped) {}

    public static function never(): self
    {
        return new self(null, null);
    }

    /** @param (\Closure(): bool)|null $isStopped asked now and then */
    public static function in(float $seconds, ?\Closure $isStopped = null): self
    {
        return new self(microtime(true) + $seconds, $isStopped);
    }

    /** @param \Closure(): bool $isGone whoever has asked; asked now and then */
    public static function whenGone(\Closure $isGone): self
    {
        return new self(null, $isGone);
    }

    public function isOver(): bool
    {
        return ($this->at !== null && microtime(true) >= $this->at) || ($this->isStopped !== null && ($this->isStopped)());
    }
}
