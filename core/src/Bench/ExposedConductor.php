<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Value\Tolerance;

/** How much bare conductor may be seen between insulation and barrel. Lengths in mm. */
final readonly class ExposedConductor
{
    private const MOST = 1.5;

    private function __construct(
        public Figure $least,
        public Figure $most,
        /** Only where a length is given. */
        public ?Figure $passes,
    ) {}

    public static function of(float $insulationOd, ?float $length = null): self
    {
        $source = Source::formula(Formula::Exposed);
        $most = min($insulationOd, self::MOST);

        return new self(
            Figure::mm(0.0, $source),
            Figure::mm($most, $source),
            $length === null ? null : Figure::of($length >= 0.0 && !Tolerance::isAbove($length, $most), $source),
        );
    }
}
