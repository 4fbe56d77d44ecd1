<?php

declare(strict_types=1);

namespace Gondrik\Core\Calendar;

use Gondrik\Core\Coverage\Headline;
use Gondrik\Core\OnDay\AssetStanding;
use Gondrik\Core\Value\Day;

/** A day on which something changes, or the first one; and what is covered from then on. */
final readonly class CalendarDay
{
    /** @param list<AssetStanding> $changes that count otherwise than on the day before, in the order of the workbook */
    public function __construct(public Day $on, public Headline $headline, public array $changes) {}
}
