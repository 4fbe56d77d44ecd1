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

    /** A blade set to the depth of the insulation: spun round once, then drawn lengthwise. */
    case SetDepth = 'set-depth';

    /** It runs round the conductor: a solid one breaks at the ring. */
    public function rings(): bool
    {
        return $this === self::Score || $this === self::SetDepth;
    }

    /** A hand leads the blade, nothing sets its depth: small wire is cut sooner than skinned. */
    public function isFreeBlade(): bool
    {
        return $this === self::Knife || $this === self::Score;
    }

    public function isBlade(): bool
    {
        return $this->isFreeBlade() || $this === self::SetDepth;
    }

    /** Notches and dies have positions of a given hole; the others reach over a range of sizes. */
    public function hasPositions(): bool
    {
        return $this === self::Notch || $this === self::Die;
    }
}
