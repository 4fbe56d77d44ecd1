<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** How a tool takes a sheath off. */
enum SheathMethod: string
{
    case Pull = 'pull';
    case Score = 'score';
    case EarthPull = 'earth-pull';
}
