<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** In how many pulls a sheath comes off. */
final readonly class SheathPulls
{
    private const TOLERANCE = 1e-9;

    private function __construct(public Figure $pulls) {}

    /** Lengths in mm, the section above 0. */
    public static function of(float $sheath, float $section): self
    {
        return new self(Figure::of(self::count($sheath, $section), Source::formula(Formula::Pulls)));
    }

    public static function count(float $sheath, float $section): int
    {
        return (int) ceil($sheath / $section - self::TOLERANCE);
    }
}
