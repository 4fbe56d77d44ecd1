<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Tool\Due;
use Gondrik\Core\Value\Day;

/** What has to be done to a thing again and again, as it is on a day. */
final readonly class DueState
{
    public function __construct(
        public Due $due,
        /** The last day on which it was done and passed. */
        public ?Day $done,
        /** The last day on which it holds by its days; null without any, and where it was never done. */
        public ?Day $next,
        /** Cycles that are left by the counter; null where it runs by days alone. */
        public ?int $cyclesLeft,
        /** Why it does not hold; null where it does. */
        public ?AwayCode $code,
        /** The first day of that, where there is one. */
        public ?Day $since,
    ) {}
}
