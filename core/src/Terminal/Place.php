<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

/** Where a termination lives. */
enum Place: string
{
    case Plain = 'plain';
    case Corrosive = 'corrosive';
    case Vibration = 'vibration';
    case Hot = 'hot';
}
