<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

/** Cross-section of a sheathed cable. */
enum SheathShape: string
{
    case Round = 'round';
    case Flat = 'flat';
}
