<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

/** Metal of a conductor. */
enum Conductor: string
{
    case Copper = 'copper';
    case TinnedCopper = 'tinned-copper';
    case NickelCopper = 'nickel-copper';
    case CladAluminium = 'clad-aluminium';
    case Aluminium = 'aluminium';

    /** @return list<self> copper and its plated kinds */
    public static function coppers(): array
    {
        return [self::Copper, self::TinnedCopper, self::NickelCopper];
    }
}
