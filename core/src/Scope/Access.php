<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

/** How much room the hand has. */
enum Access: string
{
    case Open = 'open';
    case Tight = 'tight';
    case OneHanded = 'one-handed';
}
