<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

/** Shape of the clamp that a ferrule goes into. */
enum Clamp: string
{
    case Rectangular = 'rectangular';
    case Round = 'round';

    /** A spring presses on it, no screw. */
    case Spring = 'spring';
}
