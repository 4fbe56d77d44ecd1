<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

/** How a conductor is built. */
enum Construction: string
{
    case Solid = 'solid';
    case Stranded = 'stranded';
    case Fine = 'fine';
}
