<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

/** Where practitioners disagree, a shop accepts or refuses. */
enum Stance: string
{
    case Accept = 'accept';
    case Refuse = 'refuse';
}
