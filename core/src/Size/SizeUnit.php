<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

enum SizeUnit: string
{
    case Awg = 'AWG';
    case BrownAndSharpe = 'B&S';
    case Kcmil = 'kcmil';
    case SquareMillimetre = 'mm2';

    public function family(): Family
    {
        return $this === self::SquareMillimetre ? Family::Metric : Family::Gauge;
    }
}
