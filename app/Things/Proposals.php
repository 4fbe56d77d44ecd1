<?php

declare(strict_types=1);

namespace App\Things;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\Shop;
use App\Models\User;
use App\Reading\ShopWorkbook;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Workbook\WorkbookList;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Wires and terminals that somebody has made who may not alone: they count at once, and wait for the lead to say that they are right. */
final readonly class Proposals
{
    /** @var list<WorkbookList> */
    public const LISTS = [WorkbookList::Wires, WorkbookList::Terminals];

    public function __construct(private ShopStore $store, private ShopChanges $changes) {}

    /**
     * What has to be written besides the things that somebody makes.
     *
     * @param list<string> $ids
     *
     * @return list<Change> none where it is theirs to make them
     */
    public static function of(User $by, WorkbookList $list, array $ids): array
    {
        return $by->can('writeList', [Shop::class, $list->value])
            ? []
            : array_map(static fn(string $id): Change => new Change(Place::proposed($list, $id), null, (object) ['by' => $by->name]), $ids);
    }

    /** @return list<array{list: string, id: string, name: string, by: string}> what waits, in the order of the catalogue */
    public function waiting(Shop $shop): array
    {
        $waiting = [];
        foreach (self::LISTS as $list) {
            foreach (ShopWorkbook::of($shop, $list)->whereNotNull('proposed_by')->orderBy('position')->toBase()->get(['code', 'name', 'proposed_by']) as $row) {
                $waiting[] = ['list' => $list->value, 'id' => $row->code, 'name' => $row->name, 'by' => $row->proposed_by];
            }
        }

        return $waiting;
    }

    /** @throws ConflictHttpException where nobody has to confirm it */
    public function confirm(Shop $shop, WorkbookList $list, string $id): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($list, $id): Written {
            ShopWorkbook::of($locked, $list)->where('code', $id)->firstOrFail();
            $place = Place::proposed($list, $id);
            $before = $this->changes->present($locked, $place) ?? throw new ConflictHttpException('It waits for nobody: it is confirmed already, or was never proposed.');

            return $this->changes->write($locked, Event::Confirmed, [new Change($place, $before, null)]);
        });
    }
}
