<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/** In which unit a gauge speaks. */
enum GaugeUnit: string
{
    case Newton = 'N';
    case PoundForce = 'lbf';
    case KilogramForce = 'kgf';

    /** Standard gravity in m/s² (BIPM, SI brochure) and the international pound in kg: both exact by definition. */
    private const GRAVITY = 9.80665;
    private const POUND = 0.45359237;

    /** Newtons in one of it. */
    public function newtons(): float
    {
        return match ($this) {
            self::Newton => 1.0,
            self::PoundForce => self::POUND * self::GRAVITY,
            self::KilogramForce => self::GRAVITY,
        };
    }
}
