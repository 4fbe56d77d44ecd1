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
    /** Somebody does it with theirs, for so much a piece; the tool never comes into the kit. */
    case PerPiece = 'per-piece';
}
