<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** What decides how far a crimp is closed. */
enum Control: string
{
    case FullCycle = 'full-cycle';
    case Free = 'free';
    case Hydraulic = 'hydraulic';
    case Screw = 'screw';
    case Impact = 'impact';

    /** Whether the result does not depend on who squeezes. */
    public function completesTheStroke(): bool
    {
        return $this === self::FullCycle || $this === self::Hydraulic || $this === self::Screw;
    }
}
