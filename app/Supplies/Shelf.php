<?php

declare(strict_types=1);

namespace App\Supplies;

use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Supplies\Supply;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;

/** What is on a shop's shelf against some of its work. */
final readonly class Shelf
{
    public function __construct(private ShopWorkbook $shops) {}

    /**
     * @param list<string>|null  $scopes by their ids; null for all that were not put away
     * @param array<string, int> $times  how many times each is made, where that is not once
     * @param int                $weeks  of the weekly use that is to be there beside the work
     *
     * @throws InvalidWorkbook where the shop has no such scope
     */
    public function of(Shop $shop, ?array $scopes, array $times, Day $day, int $weeks): StockedShelf
    {
        [$workbook, $asked] = $this->read($shop, $scopes, $times);

        return new StockedShelf($workbook, $asked, $times, $workbook->supplies(array_map(static fn(Scope $scope): Scope => $scope->times($times[$scope->id] ?? 1), $asked), $day, $weeks));
    }

    /**
     * @param list<string>|null $scopes as above
     *
     * @return list<StockItem> what they need and the shop keeps no stock of
     *
     * @throws InvalidWorkbook where the shop has no such scope
     */
    public function unkept(Shop $shop, ?array $scopes, Day $day): array
    {
        [$workbook, $asked] = $this->read($shop, $scopes, []);

        return array_map(static fn(Supply $supply): StockItem => $supply->item, $workbook->stocktaking($asked, $day)->unstocked($workbook->terminals));
    }

    /**
     * @param list<string>|null  $scopes
     * @param array<string, int> $times
     *
     * @return array{Workbook, list<Scope>} with what lies on its shelf, and the scopes that are asked about
     *
     * @throws InvalidWorkbook
     */
    private function read(Shop $shop, ?array $scopes, array $times): array
    {
        $workbook = $this->shops->read($shop, Needs::of(scopes: $scopes)->withSupplies());
        $known = array_column($workbook->scopes, null, 'id');
        $made = array_map(strval(...), array_keys($times));
        $all = $scopes === null ? array_keys($known) : array_values($shop->scopes()->whereIn('code', $made)->pluck('code')->all());
        $problems = [
            ...self::unknown('scopes', $scopes ?? [], array_keys($known)),
            // One that is not asked about now may be made many times all the same.
            ...self::unknown('times', $made, $all),
        ];
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
        $asked = array_values(array_filter($workbook->scopes, static fn(Scope $scope): bool => $scopes !== null || !$scope->archived));

        return [$workbook, $asked];
    }

    /**
     * @param list<string>     $ids
     * @param list<int|string> $known
     *
     * @return list<Problem>
     */
    private static function unknown(string $field, array $ids, array $known): array
    {
        return array_map(static fn(string $id): Problem => new Problem($field, $id, 'must be a scope of the shop'), array_values(array_diff($ids, array_map(strval(...), $known))));
    }
}
