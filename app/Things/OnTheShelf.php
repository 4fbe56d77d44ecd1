<?php

declare(strict_types=1);

namespace App\Things;

use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Workbook\WorkbookList;

/** What the built-in catalogue has of what somebody speaks of: offered before anything is made. */
final readonly class OnTheShelf
{
    /** So many are a choice; more say too little. */
    private const MOST = 6;

    /**
     * @param string $about wire or terminal
     *
     * @return list<array{id: string, name: string}> what the words name wholly, in the order of the shelf, without what the shop has
     */
    public function calledSo(Shop $shop, string $about, string $text): array
    {
        $shelf = BuiltIn::read()->workbook;
        $end = (new EntryReader($shelf->wires, $shelf->terminals))->end($about, $text);
        $found = $end->id === null ? $end->candidates : [$end->id];
        if ($end->unknown !== [] || count($found) > self::MOST) {
            return [];
        }
        $list = $about === 'wire' ? WorkbookList::Wires : WorkbookList::Terminals;
        $names = array_column($about === 'wire' ? $shelf->wires : $shelf->terminals, 'name', 'id');
        $has = ShopWorkbook::of($shop, $list)->whereIn('code', $found)->pluck('name', 'code')->all();
        // One of the same id that is called otherwise is another thing.
        $lacking = array_filter($found, static fn(string $id): bool => ($has[$id] ?? null) !== $names[$id]);

        return array_map(static fn(string $id): array => ['id' => $id, 'name' => $names[$id]], array_values($lacking));
    }
}
