<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** How a tool takes insulation off a core. */
enum StripMethod: string
{
    case Notch = 'notch';
    case Die = 'die';
    case SelfAdjusting = 'self-adjusting';
    case Knife = 'knife';
    case Score = 'score';

    /** Notches and dies have positions of a given hole; the others reach over a range of sizes. */
    public function hasPositions(): bool
    {
        return $this === self::Notch || $this === self::Die;
    }
}
