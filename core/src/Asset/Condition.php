<?php

declare(strict_types=1);

namespace Gondrik\Core\Asset;

/** How a thing is, as somebody has told it. */
enum Condition: string
{
    case Good = 'good';
    /** Good still, and looked at more often. */
    case Watch = 'watch';
    /** For what must not be perfect: it covers as a makeshift only. */
    case Seldom = 'seldom';
    /** Out of service for good. */
    case Retired = 'retired';
}
