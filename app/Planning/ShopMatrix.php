<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Coverage\CoverMatrix;
use Gondrik\Core\Coverage\MatrixCell;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;

/** Every kit of a shop against every scope that was not put away, in numbers. */
final readonly class ShopMatrix
{
    public function __construct(private ShopWorkbook $shops) {}

    /**
     * @param Day|null    $day  null for on paper
     * @param string|null $hand id of a person; null for nobody in particular
     *
     * @return array<string, mixed> the kits and scopes by name, and the cells, kits outside
     *
     * @throws InvalidWorkbook where nobody of the shop has the id
     */
    public function of(Shop $shop, ?Day $day, ?string $hand): array
    {
        $needs = Needs::of(kits: null, scopes: null);
        $needs = $day === null ? $needs : $needs->withRegister();
        $workbook = $this->shops->read($shop, $hand === null ? $needs : $needs->withSkills());
        $worker = $hand === null ? null : AskedReport::worker($workbook, $hand, $day);
        $scopes = self::scopes($workbook);
        $cells = self::cells($workbook, $scopes, $day, $worker);

        return [
            'on' => $day?->plain(),
            'hand' => $worker === null ? null : ['id' => $hand, 'name' => $worker->name],
            'kits' => array_map(static fn(Kit $kit): array => ['id' => $kit->id, 'name' => $kit->name, 'tracked' => $kit->tracked], $workbook->kits),
            'scopes' => array_map(static fn(Scope $scope): array => ['id' => $scope->id, 'name' => $scope->name, 'hasOwnRules' => $scope->houseRules !== null], $scopes),
            'cells' => array_map(ReportWriter::cell(...), $cells),
        ];
    }

    /** @return list<Scope> that were not put away */
    public static function scopes(Workbook $workbook): array
    {
        return array_values(array_filter($workbook->scopes, static fn(Scope $scope): bool => !$scope->archived));
    }

    /**
     * @param list<Scope> $scopes
     * @param Day|null    $day    null for on paper
     *
     * @return list<MatrixCell> kits outside, scopes inside
     */
    public static function cells(Workbook $workbook, array $scopes, ?Day $day, ?Worker $worker = null): array
    {
        $days = $workbook->onDay();

        return CoverMatrix::of($workbook->kits, $scopes, $workbook->rulesFor(...), static fn(Kit $kit, HouseRules $rules): KitAsItStands => $days->kit($kit, $day, $rules)->kit->with($worker));
    }
}
