<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

/** How a size stands to a range: by which of the four rules it is inside, in their order. */
enum StandingKind
{
    /** Inside the span of its own family, by area. */
    case OwnSpan;

    /** Inside the other span, as the gauge it is within 3 % of, or meeting an end within 3 %. */
    case SameGauge;

    /** Inside the other span by exact area. */
    case ExactArea;

    /** Inside the other span only as its trade equivalent. */
    case TradeEquivalent;

    case Outside;
}
