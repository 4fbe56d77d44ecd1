<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/** A force as a gauge says it. */
final readonly class Force
{
    private function __construct(
        /** As it was said, `18.7 lbf`. */
        public string $text,
        public float $newtons,
    ) {}

    /**
     * @param string $number digits with a point, and a sign where it pushes
     *
     * @return self|null null for what is no number (NAN, INF, 1e9) or no unit
     */
    public static function read(string $number, string $unit): ?self
    {
        $known = GaugeUnit::tryFrom($unit);

        return $known === null || preg_match('/^-?\d{1,7}(\.\d{1,6})?$/', $number) !== 1 ? null : new self($number . ' ' . $unit, (float) $number * $known->newtons());
    }
}
