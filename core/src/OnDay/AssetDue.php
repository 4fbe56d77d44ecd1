<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Value\Day;

/** Something that is to be done to a thing, and when. */
final readonly class AssetDue
{
    /** @param Day|null $on the last day on which it holds; null where it does not by its days: never done, failed, or spent by the counter */
    public function __construct(public AssetOnDay $thing, public DueState $state, public ?Day $on) {}

    /** The Monday of that day's week; null with the day, and where the week has gone. */
    public function week(Day $today): ?Day
    {
        return $this->on === null || $today->isAfter($this->on) ? null : $this->on->monday();
    }
}
