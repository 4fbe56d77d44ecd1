<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

use Gondrik\Core\Size\Newtons;

/** In which unit a gauge speaks. */
enum GaugeUnit: string
{
    case Newton = 'N';
    case PoundForce = 'lbf';
    case KilogramForce = 'kgf';

    /** Newtons in one of it. */
    public function newtons(): float
    {
        return match ($this) {
            self::Newton => 1.0,
            self::PoundForce => Newtons::POUND_FORCE,
            self::KilogramForce => Newtons::KILOGRAM_FORCE,
        };
    }
}
