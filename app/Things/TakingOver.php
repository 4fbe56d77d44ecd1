<?php

declare(strict_types=1);

namespace App\Things;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\ListRow;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Writing\FreeId;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** A thing of the built-in catalogue becomes the shop's own, and with it what it requires. */
final readonly class TakingOver
{
    public function __construct(private ShopStore $store, private ShopChanges $changes, private ObjectCodec $objects) {}

    /** @throws ModelNotFoundException<ListRow> when the built-in catalogue has no such thing */
    public function take(Shop $shop, WorkbookList $list, string $id): Written
    {
        $known = [];
        foreach (BuiltIn::read()->things($list) as $thing) {
            $known[$thing->thing->id] = $this->objects->write($thing->thing);
        }
        if (!isset($known[$id])) {
            throw (new ModelNotFoundException())->setModel(ListRow::class);
        }

        return $this->store->change($shop, function (Shop $locked) use ($list, $id, $known): Written {
            $changes = [];
            foreach ($this->wanted($locked, $list, $id, $known) as $thing) {
                $changes[] = new Change(new Place($list->value, $thing->id), null, $thing);
            }

            return $this->changes->write($locked, Event::Added, $changes, ['from' => 'built-in']);
        });
    }

    /**
     * @param array<string, \stdClass> $known by id
     *
     * @return non-empty-list<\stdClass> the thing first; what it requires only where the shop has nothing of that id
     */
    private function wanted(Shop $shop, WorkbookList $list, string $id, array $known): array
    {
        $isTaken = static fn(string $one): bool => ShopWorkbook::of($shop, $list)->where('code', $one)->exists();
        $thing = clone $known[$id];
        $thing->id = $isTaken($id) ? FreeId::of($thing->name, $isTaken) : $id;
        $wanted = [$thing];
        foreach ($thing->requires ?? [] as $required) {
            if (!$isTaken($required)) {
                $wanted[] = $known[$required];
            }
        }

        return $wanted;
    }
}
