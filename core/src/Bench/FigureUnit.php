<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** What a figure is counted in; counts, shares and words have no unit. */
enum FigureUnit: string
{
    case Millimetre = 'mm';
    case SquareMillimetre = 'mm2';
    case Newton = 'N';
    case PoundForce = 'lbf';
    case NewtonMetre = 'N·m';
    case Second = 's';
    case Celsius = '°C';
}
