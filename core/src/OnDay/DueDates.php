<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Value\Day;

/** What is to be done to the things of a shop: what holds no longer, and what soon will not. */
final readonly class DueDates
{
    /**
     * Of things that are used for nothing any more, or that have not come yet, nothing is to be done.
     *
     * @param list<AssetHistory> $histories
     *
     * @return list<AssetDue> what has no day first, then by its day; equal ones in the order of the things
     */
    public static function of(array $histories, Day $today, int $days): array
    {
        $last = $today->plus($days);
        $dues = [];
        foreach ($histories as $history) {
            $thing = $history->on($today);
            if (!$thing->isBought || $thing->condition === Condition::Retired) {
                continue;
            }
            foreach ($thing->dues as $state) {
                $on = self::day($state);
                if ($state->code !== null || ($on !== null && !$on->isAfter($last))) {
                    $dues[] = new AssetDue($thing, $state, $on);
                }
            }
        }
        usort($dues, static fn(AssetDue $one, AssetDue $other): int => ($one->on->number ?? PHP_INT_MIN) <=> ($other->on->number ?? PHP_INT_MIN));

        return $dues;
    }

    /** What is spent by its counter before its day has come has no day. */
    private static function day(DueState $state): ?Day
    {
        return match ($state->code) {
            null => $state->next,
            AwayCode::DuePast => $state->since !== null && $state->next !== null && $state->since->isAfter($state->next) ? $state->next : null,
            default => null,
        };
    }
}
