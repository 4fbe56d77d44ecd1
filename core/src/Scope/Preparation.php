<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

/** What is done to the strands before the terminal. */
enum Preparation: string
{
    case None = 'none';
    case Twist = 'twist';
    case Tin = 'tin';
}
