<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** How a kit comes to have a tool. */
enum Means: string
{
    /** For its price. */
    case Buy = 'buy';
    /** Out of another kit, for nothing. */
    case Move = 'move';
    /** Hired by the month. */
    case Borrow = 'borrow';
    /** It belongs into the kit and is past a due: that is done, for its price. */
    case Renew = 'renew';
    /** It belongs into the kit and is lent: it comes back, for nothing. */
    case CallBack = 'call-back';
    /** Somebody does it with theirs, for so much a piece; the tool never comes into the kit. */
    case PerPiece = 'per-piece';

    /** Whether the kit had it all along, and it only counts again. */
    public function isMending(): bool
    {
        return $this === self::Renew || $this === self::CallBack;
    }
}
