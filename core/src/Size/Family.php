<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

/** The two families of wire sizes: within one, sizes compare by area; across, by the rules of SizeRange. */
enum Family: string
{
    /** AWG, B&S and kcmil. */
    case Gauge = 'gauge';

    /** Area in mm². */
    case Metric = 'metric';
}
