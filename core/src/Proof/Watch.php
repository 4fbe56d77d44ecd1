<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Log\Entry;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Value\Day;

/** Since when one of the charts of a thing says something that nobody has cleared: one chart for each wire, terminal and nest as the entries state them. */
final readonly class Watch
{
    /**
     * @param list<Entry> $entries about one thing, up to a day, in the order of days
     *
     * @return Day|null the earliest; null as long as all is in control
     */
    public static function since(array $entries, PullStandard $standard): ?Day
    {
        $since = [];
        foreach (ChartSetting::allOf($entries) as $setting) {
            $first = ControlChart::of($entries, $setting, $standard)?->firstFired();
            $since = [...$since, ...$first === null ? [] : [$first->pull->on->number => $first->pull->on]];
        }
        usort($since, static fn(Day $one, Day $other): int => $one->number <=> $other->number);

        return $since[0] ?? null;
    }
}
