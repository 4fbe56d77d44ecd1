<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Value\Day;

/** How long the things of one model have lasted in this shop, as far as it is known when they were bought. */
final readonly class Lasting
{
    /**
     * @param list<int> $worn days from the purchase until the first on which each was seldom or out of service, the shortest first
     * @param list<int> $good days that each of the others has had so far, the longest first
     */
    private function __construct(public array $worn, public array $good) {}

    /** @param list<AssetHistory> $histories of one model */
    public static function of(array $histories, Day $day): self
    {
        $worn = $good = [];
        foreach ($histories as $history) {
            $bought = $history->asset->bought;
            if ($bought === null || $bought->isAfter($day)) {
                continue;
            }
            $state = $history->on($day);
            if (in_array($state->condition, [Condition::Seldom, Condition::Retired], true)) {
                $worn[] = self::wornOn($history, $day)->number - $bought->number;
            } else {
                $good[] = $day->number - $bought->number;
            }
        }
        sort($worn);
        rsort($good);

        return new self($worn, $good);
    }

    /** From seldom to out of service it was worn before, whatever was told in between. */
    private static function wornOn(AssetHistory $history, Day $day): Day
    {
        $since = null;
        foreach ($history->turns() as $turn) {
            $isWorn = in_array($history->on($turn)->condition, [Condition::Seldom, Condition::Retired], true);
            $since = $isWorn && !$turn->isAfter($day) ? $since ?? $turn : ($turn->isAfter($day) ? $since : null);
        }

        return $since ?? $day;
    }
}
