<?php

declare(strict_types=1);

namespace App\Things;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\ListRow;
use App\Models\Shop;
use App\Models\User;
use App\Reading\ShopWorkbook;
use App\Writing\FreeId;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Things of the built-in catalogue become the shop's own, and with them what they require. */
final readonly class TakingOver
{
    public function __construct(private ShopStore $store, private ShopChanges $changes, private ObjectCodec $objects) {}

    /**
     * All of them in one step. Where they are not for somebody to make, they are their proposals.
     *
     * @param non-empty-list<string> $ids
     * @param int|null               $price of each, in cents; null leaves it open
     *
     * @throws ModelNotFoundException<ListRow> when the built-in catalogue has no such thing
     */
    public function take(Shop $shop, WorkbookList $list, array $ids, User $by, ?int $price = null): Written
    {
        $known = [];
        foreach (BuiltIn::read()->things($list) as $thing) {
            $known[$thing->thing->id] = $this->objects->write($thing->thing);
        }
        if (array_diff($ids, array_keys($known)) !== []) {
            throw (new ModelNotFoundException())->setModel(ListRow::class);
        }

        return $this->store->change($shop, function (Shop $locked) use ($list, $ids, $known, $price, $by): Written {
            $wanted = [];
            foreach ($ids as $id) {
                foreach ($this->wanted($locked, $list, $id, $known) as $at => $thing) {
                    if ($price !== null && $at === 0) {
                        $thing->price = $price;
                    }
                    $wanted[$thing->id] ??= $thing;
                }
            }
            $changes = array_map(static fn(\stdClass $thing): Change => new Change(new Place($list->value, $thing->id), null, $thing), array_values($wanted));

            return $this->changes->write($locked, Event::Added, [...$changes, ...Proposals::of($by, $list, array_keys($wanted))], ['from' => 'built-in']);
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
