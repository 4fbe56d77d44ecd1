<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

/** How a termination gave way on the gauge. */
enum FailureMode: string
{
    case Conductor = 'conductor';
    case PulledOut = 'pulled-out';
    case Terminal = 'terminal';
    case Insulation = 'insulation';
}
