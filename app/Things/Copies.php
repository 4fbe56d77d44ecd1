<?php

declare(strict_types=1);

namespace App\Things;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\Kit as KitRow;
use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Version;
use App\Writing\Written;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\PatternGap;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Kits of one pattern: what each copy lacks of it or has beyond it, and several of them brought into line at once. */
final readonly class Copies
{
    public function __construct(private ShopStore $store, private ShopChanges $changes, private ShopWorkbook $shops, private ObjectCodec $objects) {}

    /**
     * @return list<array{Kit, list<PatternGap>}> the copies in the order of the shop
     *
     * @throws ModelNotFoundException<KitRow> when the shop has no such kit
     */
    public function of(Shop $shop, string $pattern): array
    {
        [$of, $copies] = $this->read($shop, $pattern);

        return array_map(static fn(Kit $copy): array => [$copy, PatternGap::between($of, $copy)], $copies);
    }

    /**
     * @param list<string> $copies      ids of those that are brought into line
     * @param bool         $withoutMore what the pattern has not goes out of them
     *
     * @return Written|null null where they are so already
     *
     * @throws InvalidWorkbook                where one is no copy of it
     * @throws ModelNotFoundException<KitRow> when the shop has no such kit
     */
    public function bring(Shop $shop, string $pattern, array $copies, bool $withoutMore): ?Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($pattern, $copies, $withoutMore): ?Written {
            [$of, $all] = $this->read($locked, $pattern);
            $known = array_column($all, null, 'id');
            $strange = array_diff($copies, array_map(strval(...), array_keys($known)));
            if ($strange !== []) {
                throw new InvalidWorkbook(array_map(static fn(string $id): Problem => new Problem('kits', $id, 'a kit that is a copy of this one'), array_values($strange)));
            }
            $changes = [];
            foreach (array_intersect_key($known, array_flip($copies)) as $id => $copy) {
                [$before, $after] = [$this->objects->write($copy), $this->objects->write($copy->alike($of, $withoutMore))];
                if (Version::of($before) !== Version::of($after)) {
                    $changes[] = new Change(new Place(WorkbookList::Kits->value, (string) $id), $before, $after);
                }
            }

            return $changes === [] ? null : $this->changes->write($locked, Event::Changed, $changes);
        });
    }

    /**
     * @return array{Kit, list<Kit>} the pattern and its copies
     *
     * @throws ModelNotFoundException<KitRow>
     */
    private function read(Shop $shop, string $pattern): array
    {
        $ids = array_map(strval(...), array_values($shop->kits()->where('like', $pattern)->orderBy('position')->pluck('code')->all()));
        $workbook = $this->shops->read($shop, Needs::of(kits: [$pattern, ...$ids]));
        $of = $workbook->kit($pattern) ?? throw (new ModelNotFoundException())->setModel(KitRow::class);

        return [$of, array_values(array_filter(array_map($workbook->kit(...), $ids)))];
    }
}
