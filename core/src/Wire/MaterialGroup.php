<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

/** Insulation that one stripper can be asked to handle. */
enum MaterialGroup: string
{
    case Soft = 'soft';
    case Xlpe = 'xlpe';
    case ThinWall = 'thin-wall';
}
