<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

/** How far a person has come with a skill. */
enum Level: string
{
    case Shown = 'shown';
    case Practised = 'practised';
    case SignedOff = 'signed-off';
    case Withdrawn = 'withdrawn';
}
