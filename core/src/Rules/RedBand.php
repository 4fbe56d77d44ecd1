<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

/** The AWG range that the red band stands for; some tools print the narrow one. */
enum RedBand: string
{
    case Wide = '22-16';
    case Narrow = '22-18';
}
