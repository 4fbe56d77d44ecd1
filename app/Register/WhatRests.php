<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\ListRow;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Calendar\Doubtful;
use Gondrik\Core\Calendar\Resting;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\OnDay\AssetHistory;
use Gondrik\Core\OnDay\ShopOnDay;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Value\Day;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** What of the work rests on one thing. */
final readonly class WhatRests
{
    public function __construct(private ShopWorkbook $shops) {}

    /**
     * What of each scope rests on one thing in the kit that it is in; scopes that were put away are not asked, and where it counts for no
     * kit nothing rests on it.
     *
     * @return list<array{scope: array{id: string, name: string}, taken: int, lost: int}>
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function on(Shop $shop, string $tag, Day $day): array
    {
        $workbook = $this->shops->whole($shop);
        $days = $workbook->onDay();
        $kit = self::historyOf($days, $tag)->on($day)->kit();
        if ($kit?->tracked !== true) {
            return [];
        }
        $told = [];
        foreach (array_filter($workbook->scopes, static fn(Scope $scope): bool => !$scope->archived) as $scope) {
            $resting = Resting::of($days, $tag, $kit, $scope, $workbook->rulesFor($scope), $day);
            $told[] = ['scope' => ['id' => $scope->id, 'name' => $scope->name], 'taken' => $resting->taken, 'lost' => $resting->lost];
        }

        return $told;
    }

    /**
     * What one thing may have made since its last good pull; null as long as none speaks against it.
     *
     * @return array{doubted: string, good: string|null, made: list<array<string, mixed>>}|null
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function inDoubt(Shop $shop, string $tag, Day $day): ?array
    {
        $workbook = $this->shops->whole($shop);
        $days = $workbook->onDay();
        $history = self::historyOf($days, $tag);
        $last = $history->lastGood($day);
        $scopes = array_values(array_filter($workbook->scopes, static fn(Scope $scope): bool => !$scope->archived));

        return $last === null ? null : [
            'doubted' => $last->doubted->plain(),
            'good' => $last->good?->plain(),
            'made' => array_map(static fn(Doubtful $one): array => [
                'scope' => ['id' => $one->scope->id, 'name' => $one->scope->name],
                'kit' => $one->kit->id,
                'from' => $one->from?->plain(),
                'terminations' => $one->terminations,
            ], Doubtful::of($days, $history, $scopes, $workbook->rulesFor(...), $last->good, $day)),
        ];
    }

    /** @throws ModelNotFoundException<ListRow> when the shop has no such thing */
    private static function historyOf(ShopOnDay $days, string $tag): AssetHistory
    {
        return array_values(array_filter($days->histories, static fn(AssetHistory $history): bool => $history->asset->id === $tag))[0]
            ?? throw (new ModelNotFoundException())->setModel(ListRow::class);
    }

    /**
     * How much rests on each thing that counts in a kit on a day, of all kits and scopes together.
     *
     * @return array<string, int> terminations by tag, the busiest first; 0 of what is idle
     */
    public function busiest(Shop $shop, Day $day): array
    {
        $workbook = $this->shops->whole($shop);
        $days = $workbook->onDay();
        $busy = [];
        foreach (array_filter($workbook->kits, static fn(Kit $kit): bool => $kit->tracked) as $kit) {
            foreach (array_filter($workbook->scopes, static fn(Scope $scope): bool => !$scope->archived) as $scope) {
                $rules = $workbook->rulesFor($scope);
                $stands = $days->kit($kit, $day, $rules)->kit;
                $busy += array_fill_keys(array_merge(...array_map(static fn(TakingPart $part): array => $part->assets, $stands->tools)), 0);
                foreach (Resting::taken(Coverage::of($stands, $scope, $rules)) as $tag => $terminations) {
                    $busy[$tag] += $terminations;
                }
            }
        }
        arsort($busy);

        return $busy;
    }
}
