<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** What shrinks a sleeve. */
enum Heat: string
{
    case Gun = 'gun';
    case Torch = 'torch';
    case Lighter = 'lighter';
}
