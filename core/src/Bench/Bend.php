<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** What a conductor does when it is bent and let go. */
enum Bend: string
{
    case Stays = 'stays';
    case Springs = 'springs';
}
