<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

/** Forces of one series together, N. */
final readonly class Spread
{
    private function __construct(
        public int $count,
        public float $mean,
        /** Of the sample; null of a single one. */
        public ?float $deviation,
        public float $least,
        public float $most,
    ) {}

    /** @param non-empty-list<float> $forces */
    public static function of(array $forces): self
    {
        $count = count($forces);
        $mean = array_sum($forces) / $count;
        $squares = array_sum(array_map(static fn(float $force): float => ($force - $mean) ** 2, $forces));

        return new self($count, $mean, $count < 2 ? null : sqrt($squares / ($count - 1)), min($forces), max($forces));
    }
}
