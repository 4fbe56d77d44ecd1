<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Shop;
use App\People\SignOffs;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Calendar\Outlook;
use Gondrik\Core\Coverage\Known;
use Gondrik\Core\Output\DayWriter;
use Gondrik\Core\Output\SuppliesWriter;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\Day;

/** What the kits of a shop lack on a day of what is packed in them, what they will lack soon, what is short on its shelf, and which sign-offs wait. */
final readonly class Today
{
    /** So far it looks ahead. */
    private const DAYS = 31;

    public function __construct(private ShopWorkbook $shops, private DayWriter $writer = new DayWriter()) {}

    /**
     * @param string|null $reader of whom alone it is told which sign-offs wait; null for all
     *
     * @return array{today: string, losses: list<array<string, mixed>>, coming: list<array<string, mixed>>, supplies: list<array<string, mixed>>, signOffs: list<array<string, mixed>>} scopes that were put away are not asked
     */
    public function of(Shop $shop, Day $day, ?string $reader): array
    {
        $workbook = $this->shops->whole($shop);
        $days = $workbook->onDay();
        $losses = $coming = [];
        $scopes = array_values(array_filter($workbook->scopes, static fn(Scope $scope): bool => !$scope->archived));
        foreach ($scopes as $scope) {
            $rules = $workbook->rulesFor($scope);
            $known = new Known();
            foreach (array_filter($workbook->kits, static fn(Kit $kit): bool => $kit->tracked) as $kit) {
                $outlook = Outlook::of($days, $kit, $scope, $rules, $day, self::DAYS, $known);
                if ($outlook->lost > 0) {
                    $losses[] = [...self::pair($kit, $scope), 'lost' => $outlook->lost, 'away' => $this->writer->away($outlook->away)];
                }
                foreach ($outlook->openings as $opening) {
                    ['on' => $on, 'changes' => $changes] = $this->writer->toldDays([$opening->day])[0];
                    $coming[] = [...self::pair($kit, $scope), 'on' => $on, 'lost' => $opening->terminations, 'changes' => $changes];
                }
            }
        }
        usort($losses, static fn(array $one, array $other): int => $other['lost'] <=> $one['lost']);
        usort($coming, static fn(array $one, array $other): int => [$one['on'], $other['lost']] <=> [$other['on'], $one['lost']]);

        return ['today' => $day->plain(), 'losses' => $losses, 'coming' => $coming, 'supplies' => SuppliesWriter::wanting($workbook->stocktaking($scopes, $day)->wanting()), 'signOffs' => SignOffs::of($workbook, $day, $reader)];
    }

    /** @return array{kit: array{id: string, name: string}, scope: array{id: string, name: string}} */
    private static function pair(Kit $kit, Scope $scope): array
    {
        return ['kit' => ['id' => $kit->id, 'name' => $kit->name], 'scope' => ['id' => $scope->id, 'name' => $scope->name]];
    }
}
