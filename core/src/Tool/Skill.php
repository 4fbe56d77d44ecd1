<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** Who can use a capability. */
enum Skill: string
{
    case Any = 'any';
    case Trained = 'trained';
}
