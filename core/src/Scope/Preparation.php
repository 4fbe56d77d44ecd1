<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

/** What is done to the strands before the terminal. */
enum Preparation: string
{
    case None = 'none';
    /** Laid back as they came, not twisted. */
    case Relaid = 're-laid';
    case Twist = 'twist';
    case Tin = 'tin';
}
