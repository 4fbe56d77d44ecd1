<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Kit;
use App\Models\Scope;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Entry\Name;
use Gondrik\Core\Entry\QuickEntry;
use Gondrik\Core\Sheet\CellReader;
use Gondrik\Core\Sheet\Column;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * Reads what somebody writes of a line against what a shop has: first by the names in it alone, which does not grow with the shop;
 * only where these do not tell it all is everything looked through.
 */
final readonly class ShopEntries
{
    /** So many cells are read by their names. */
    private const FEW = 50;

    public function __construct(private ShopWorkbook $shops, private ShopWords $words) {}

    /**
     * @return array{Workbook, QuickEntry} what it was read against, with the scope and the kit, and what it says
     *
     * @throws ModelNotFoundException<Kit|Scope> when the shop has no such kit or scope
     */
    public function read(Shop $shop, string $scope, ?string $kit, string $text): array
    {
        [$named, $reader] = $this->reader($shop, $scope, $kit, Name::in($text));
        $entry = $reader->read($text);
        if ($entry->isByName) {
            return [$named, $entry];
        }
        [$all, $reader] = $this->reader($shop, $scope, $kit, null);

        return [$all, $reader->read($text)];
    }

    /**
     * For some cells that name wires and terminals: a few by the names that they are; who pastes many has all looked through once.
     *
     * @param list<array{Column, string}> $cells which are going to be read, with their text
     *
     * @throws ModelNotFoundException<Scope> when the shop has no such scope
     */
    public function cells(Shop $shop, string $scope, array $cells): CellReader
    {
        $named = count($cells) > self::FEW ? null : $this->reader($shop, $scope, null, array_map(static fn(array $cell): string => Name::plain($cell[1]), $cells))[1];
        foreach ($cells as [$column, $text]) {
            if (trim($text) !== '' && $named?->end($column->value, trim($text))->isByName === false) {
                $named = null;
            }
        }

        return new CellReader($named ?? $this->reader($shop, $scope, null, null)[1]);
    }

    /**
     * @param list<string>|null $names as they are compared; null for everything
     *
     * @return array{Workbook, EntryReader}
     */
    private function reader(Shop $shop, string $scope, ?string $kit, ?array $names): array
    {
        $aliases = $this->words->aliases($shop, $names);
        $workbook = $this->shops->forEntry($shop, $scope, $kit, $names === null ? null : $this->words->named($shop, $names, $aliases));

        return [$workbook, new EntryReader($workbook->wires, $workbook->terminals, $aliases)];
    }
}
