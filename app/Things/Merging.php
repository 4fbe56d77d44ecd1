<?php

declare(strict_types=1);

namespace App\Things;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\ListRow;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Writing\Belongings;
use App\Writing\Order;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Two wires, terminals or tools that are one: whatever names the one names the other from then on, and the one is gone. */
final readonly class Merging
{
    public function __construct(private ShopStore $store, private ShopChanges $changes, private Belongings $belongings) {}

    /**
     * @param string $id   of the one that goes
     * @param string $into of the one that stays as it is
     *
     * @throws InvalidWorkbook                 when it is the same, or what named the one cannot name the other
     * @throws ModelNotFoundException<ListRow> when the shop has not both
     */
    public function merge(Shop $shop, WorkbookList $list, string $id, string $into): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($list, $id, $into): Written {
            if ($id === $into) {
                throw new InvalidWorkbook([new Problem('into', $into, 'another ' . $list->one())]);
            }
            $goes = $this->present($locked, $list, $id);
            $this->present($locked, $list, $into);
            $changes = match ($list) {
                WorkbookList::Wires => $this->inLines($locked, ['wire_id' => 'wire', 'wire_b_id' => 'wireB'], $list, $id, $into),
                WorkbookList::Terminals => [...$this->inLines($locked, ['terminal_id' => 'terminal'], $list, $id, $into), ...$this->inStock($locked, $id, $into)],
                WorkbookList::Tools => [...$this->inTools($locked, $id, $into), ...$this->inKits($locked, $id, $into), ...$this->inAssets($locked, $id, $into)],
                default => [],
            };
            $changes = [...$changes, ...$this->calledInstead($locked, $list, $id, $into)];
            $order = new Order(array_map(strval(...), array_values(ShopWorkbook::of($locked, $list)->orderBy('position')->pluck('code')->all())));

            // What goes stands first: of a long list of changes the history tells the first.
            return $this->changes->write($locked, Event::Merged, [new Change(new Place($list->value, $id), $goes, null, $order->before($id)), ...$changes], ['from' => $id, 'into' => $into]);
        });
    }

    /**
     * @param array<string, string> $keys of a line by the columns that hold them
     *
     * @return list<Change>
     */
    private function inLines(Shop $shop, array $keys, WorkbookList $list, string $id, string $into): array
    {
        $row = ShopWorkbook::of($shop, $list)->where('code', $id)->firstOrFail();
        $found = $shop->lines()->where(static function (Builder $lines) use ($keys, $row): void {
            foreach (array_keys($keys) as $column) {
                $lines->orWhere($column, $row->id);
            }
        })->get(['scope_id', 'code']);
        $scopes = $shop->scopes()->whereIn('id', $found->pluck('scope_id'))->pluck('code', 'id');
        $places = array_values($found->map(static fn(object $line): Place => Place::line((string) $scopes[$line->scope_id], $line->code))->all());
        $lines = $this->changes->presentLines($shop, $places);

        return array_map(static function (Place $place) use ($lines, $keys, $id, $into): Change {
            $before = $lines[$place->path()];
            $after = clone $before;
            foreach ($keys as $key) {
                if (($after->{$key} ?? null) === $id) {
                    $after->{$key} = $into;
                }
            }

            return new Change($place, $before, $after);
        }, $places);
    }

    /** @return list<Change> of the tools that require it */
    private function inTools(Shop $shop, string $id, string $into): array
    {
        $changes = [];
        foreach ($shop->tools()->whereRaw('requires @> to_jsonb(?::text)', [$id])->pluck('code') as $code) {
            $before = $this->present($shop, WorkbookList::Tools, (string) $code);
            $after = clone $before;
            $after->requires = array_values(array_unique(array_map(static fn(string $one): string => $one === $id ? $into : $one, $before->requires)));
            $changes[] = new Change(new Place(WorkbookList::Tools->value, (string) $code), $before, $after);
        }

        return $changes;
    }

    /** @return list<Change> of the kits that hold it: where both stand they are counted together */
    private function inKits(Shop $shop, string $id, string $into): array
    {
        $tool = $shop->tools()->where('code', $id)->firstOrFail();
        $changes = [];
        foreach ($shop->kits()->whereIn('id', $shop->kitTools()->where('tool_id', $tool->id)->select('kit_id'))->pluck('code') as $code) {
            $before = $this->present($shop, WorkbookList::Kits, (string) $code);
            $after = clone $before;
            $counts = [];
            foreach ($before->tools as $entry) {
                $held = $entry->tool === $id ? $into : $entry->tool;
                $counts[$held] = ($counts[$held] ?? 0) + ($entry->count ?? 1);
            }
            $after->tools = array_map(static fn(string $held, int $count): \stdClass => (object) ['tool' => $held, ...$count === 1 ? [] : ['count' => $count]], array_map(strval(...), array_keys($counts)), array_values($counts));
            $changes[] = new Change(new Place(WorkbookList::Kits->value, (string) $code), $before, $after);
        }

        return $changes;
    }

    /** @return list<Change> of the things that are of this model */
    private function inAssets(Shop $shop, string $id, string $into): array
    {
        $tool = $shop->tools()->where('code', $id)->firstOrFail();

        return array_map(function (string $tag) use ($shop, $into): Change {
            $before = $this->present($shop, WorkbookList::Assets, $tag);
            $after = clone $before;
            $after->tool = $into;

            return new Change(new Place(WorkbookList::Assets->value, $tag), $before, $after);
        }, array_map(strval(...), array_values($shop->listed(WorkbookList::Assets->value)->where('tool_id', $tool->id)->orderBy('position')->pluck('code')->all())));
    }

    /** @return list<Change> of the stock that is kept of it; where one is kept of both, it is for who merges to say which stays */
    private function inStock(Shop $shop, string $id, string $into): array
    {
        $terminal = $shop->terminals()->where('code', $id)->firstOrFail();

        return array_map(function (string $code) use ($shop, $into): Change {
            $before = $this->present($shop, WorkbookList::Stock, $code);
            $after = clone $before;
            $after->item = (object) ['terminal' => $into];

            return new Change(new Place(WorkbookList::Stock->value, $code), $before, $after);
        }, array_map(strval(...), array_values($shop->listed(WorkbookList::Stock->value)->where('terminal_id', $terminal->id)->pluck('code')->all())));
    }

    /**
     * What the one was called, the other is called from then on.
     *
     * @return list<Change>
     */
    private function calledInstead(Shop $shop, WorkbookList $list, string $id, string $into): array
    {
        if (!in_array($list, [WorkbookList::Wires, WorkbookList::Terminals], true)) {
            return [];
        }
        $goes = $this->belongings->present($shop, Belongings::called($list, $id));
        $stays = $this->belongings->present($shop, Belongings::called($list, $into));
        $words = [...$stays->words ?? [], ...$goes->words ?? []];
        sort($words);

        return $goes === null ? [] : [
            new Change(Belongings::called($list, $id), $goes, null),
            new Change(Belongings::called($list, $into), $stays, (object) ['words' => $words]),
        ];
    }

    private function present(Shop $shop, WorkbookList $list, string $id): \stdClass
    {
        return $this->changes->present($shop, new Place($list->value, $id)) ?? throw (new ModelNotFoundException())->setModel(ListRow::class);
    }
}
