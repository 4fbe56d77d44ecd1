<?php

declare(strict_types=1);

namespace App\Supplies;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\Shop;
use App\Writing\FreeId;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Wording\ItemName;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookList;

/** Stocks begun of all that some work needs and the shop keeps none of: an empty shelf is filled in one step. */
final readonly class BegunStock
{
    public function __construct(private Shelf $shelf, private ShopStore $store, private ShopChanges $changes, private ObjectCodec $objects) {}

    /**
     * @param list<string>|null $scopes by their ids; null for all that were not put away
     *
     * @return Written|null null where nothing is needed of which no stock is kept
     *
     * @throws InvalidWorkbook where the shop has no such scope
     */
    public function of(Shop $shop, ?array $scopes, Day $day): ?Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($scopes, $day): ?Written {
            $taken = array_fill_keys(array_map(strval(...), $locked->listed(WorkbookList::Stock->value)->pluck('code')->all()), true);
            $changes = [];
            foreach ($this->shelf->unkept($locked, $scopes, $day) as $item) {
                $id = FreeId::of($item->terminal->id ?? ItemName::of($item), static fn(string $one): bool => isset($taken[$one]));
                $taken[$id] = true;
                $changes[] = new Change(new Place(WorkbookList::Stock->value, $id), null, $this->objects->write(new Stock($id, $item)));
            }

            return $changes === [] ? null : $this->changes->write($locked, Event::Added, $changes);
        });
    }
}
