<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** What drives a tool. */
enum Energy: string
{
    case Hand = 'hand';
    case Battery = 'battery';
    case Mains = 'mains';
    case Gas = 'gas';
}
