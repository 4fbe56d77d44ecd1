<?php

declare(strict_types=1);

namespace Gondrik\Core\Calendar;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\OnDay\AssetHistory;
use Gondrik\Core\OnDay\ShopOnDay;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\Day;

/** What of a scope a thing may have made in some days: nobody writes down which termination was made on which of them. */
final readonly class Doubtful
{
    private function __construct(
        public Scope $scope,
        /** In which the thing was then. */
        public Kit $kit,
        /** From when on; null where nobody has said when the work begins. */
        public ?Day $from,
        /** At most: all of the scope for which the thing, or another of its model, is taken. */
        public int $terminations,
    ) {}

    /**
     * @param list<Scope>                 $scopes
     * @param \Closure(Scope): HouseRules $rules
     * @param Day|null                    $since  the first day; null for all that is known
     *
     * @return list<self> in the order of scopes, each by the kit in which most of it rested on the thing
     */
    public static function of(ShopOnDay $shop, AssetHistory $history, array $scopes, \Closure $rules, ?Day $since, Day $until): array
    {
        $doubtful = [];
        foreach ($scopes as $scope) {
            $ends = $scope->starts === null || $scope->days === null ? null : $scope->starts->plus($scope->days - 1);
            if ($scope->starts?->isAfter($until) === true || ($ends !== null && $since?->isAfter($ends) === true)) {
                continue;
            }
            $most = null;
            foreach (self::kits($history, $since, $until) as [$kit, $day]) {
                $taken = Resting::taken(Coverage::of($shop->kit($kit, $day, $rules($scope))->kit, $scope, $rules($scope)))[$history->asset->id] ?? 0;
                $from = $scope->starts === null ? null : ($since !== null && $since->isAfter($scope->starts) ? $since : $scope->starts);
                $most = $taken > ($most->terminations ?? 0) ? new self($scope, $kit, $from, $taken) : $most;
            }
            $doubtful = [...$doubtful, ...$most === null ? [] : [$most]];
        }

        return $doubtful;
    }

    /** @return array<string, array{Kit, Day}> the tracked kits in which it counted, by id, each with the first day of it */
    private static function kits(AssetHistory $history, ?Day $since, Day $until): array
    {
        $kits = [];
        // Before all that is known of it, it was where it lives.
        $first = $since ?? ($history->turns()[0] ?? $until)->plus(-1);
        foreach ([$first, ...$history->turns()] as $day) {
            $kit = $day->isAfter($until) || $since?->isAfter($day) === true ? null : $history->on($day)->kit();
            if ($kit?->tracked === true) {
                $kits[$kit->id] ??= [$kit, $day];
            }
        }

        return $kits;
    }
}
