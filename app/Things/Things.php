<?php

declare(strict_types=1);

namespace App\Things;

use App\History\Change;
use App\History\Event;
use App\History\Journal;
use App\History\Place;
use App\Models\ListRow;
use App\Models\Shop;
use App\Models\User;
use App\Reading\ShopWorkbook;
use App\Writing\FreeId;
use App\Writing\InUse;
use App\Writing\Order;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\StaleVersion;
use App\Writing\Version;
use App\Writing\Written;
use Gondrik\Core\Entry\SoughtWords;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Contracts\Pagination\CursorPaginator;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Wires, terminals, tools, kits and scopes one by one; a scope without its lines, which are written by themselves. */
final readonly class Things
{
    /** What the words of a search may stand in. */
    private const SEARCHED = [
        'wires' => ['name', 'code', 'size', 'insulation', 'printed_code'],
        'terminals' => ['name', 'code', 'size', 'class', 'shape', 'nest'],
        'tools' => ['name', 'code', 'kind', 'capabilities', 'note'],
    ];

    public function __construct(private ShopStore $store, private ShopWorkbook $shops, private ShopChanges $changes, private Journal $journal) {}

    /**
     * A page of wires, terminals or tools.
     *
     * @param string|null $search words that each must stand in its name, id, size or what else makes it known, or what they are called there
     * @param string      $sort   place or name, with a minus from the end
     *
     * @return array{list<Wire|Terminal|Tool>, string|null} and where it goes on
     */
    public function page(Shop $shop, WorkbookList $list, int $most, ?string $search = null, string $sort = 'place'): array
    {
        $rows = ShopWorkbook::of($shop, $list);
        foreach (SoughtWords::of((string) $search) as $any) {
            $patterns = array_map(static fn(string $words): string => '%' . addcslashes($words, '%_\\') . '%', $any);
            $rows->whereRaw('concat_ws(\' \', ' . implode(', ', self::SEARCHED[$list->value] ?? ['name', 'code']) . ') ilike any (array[' . implode(', ', array_fill(0, count($patterns), '?')) . '])', $patterns);
        }
        $isFromTheEnd = str_starts_with($sort, '-');
        /** @var CursorPaginator<int, ListRow> $page */
        $page = $rows->orderBy(ltrim($sort, '-') === 'name' ? 'name' : 'position', $isFromTheEnd ? 'desc' : 'asc')->orderBy('id')->cursorPaginate($most, ['id', 'code', 'name', 'position']);
        $ids = array_values(array_map(static fn(ListRow $row): string => $row->code, $page->items()));
        /** @var list<Wire|Terminal|Tool> $things */
        $things = $this->shops->things($shop, $list, $ids);

        return [$things, $page->nextCursor()?->encode()];
    }

    /**
     * @return array<string, mixed> as the codec writes it, with its version
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function one(Shop $shop, WorkbookList $list, string $id): array
    {
        return Version::with($this->present($shop, $list, $id));
    }

    /**
     * Adds a thing; without an id it gets one made of its name. Where it is not for somebody to make, it is their proposal.
     *
     * @throws InvalidWorkbook with every problem, below "wire", "kit" and so on
     */
    public function add(Shop $shop, WorkbookList $list, \stdClass $item, User $by): Written
    {
        return $this->write($shop, Event::Added, function (Shop $locked) use ($list, $item, $by): array {
            $isTaken = static fn(string $id): bool => ShopWorkbook::of($locked, $list)->where('code', $id)->exists();
            if (!isset($item->id)) {
                $item->id = FreeId::of(is_string($item->name ?? null) ? $item->name : '', $isTaken);
            } elseif (is_string($item->id) && $isTaken($item->id)) {
                throw new InvalidWorkbook([new Problem($list->one() . '/id', $item->id, 'an id that no other ' . $list->one() . ' of the shop has')]);
            }

            $id = is_string($item->id) ? $item->id : '';

            return [new Change(new Place($list->value, $id), null, $item), ...Proposals::of($by, $list, [$id])];
        });
    }

    /**
     * @throws InvalidWorkbook                 with every problem, below "wire", "kit" and so on; also where it would break what rests on it
     * @throws StaleVersion                    when it is another by now than the one that was seen
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function replace(Shop $shop, WorkbookList $list, string $id, string $version, \stdClass $item): Written
    {
        return $this->write($shop, Event::Changed, function (Shop $locked) use ($list, $id, $version, $item): array {
            if (isset($item->id) && $item->id !== $id) {
                throw new InvalidWorkbook([new Problem($list->one() . '/id', $item->id, 'the id of the ' . $list->one() . ' itself, "' . $id . '"')]);
            }
            if ($list === WorkbookList::Scopes && isset($item->lines)) {
                throw new InvalidWorkbook([new Problem('scope/lines', null, 'lines are written by themselves, below the scope')]);
            }
            $item->id = $id;

            return [new Change(new Place($list->value, $id), $this->seen($locked, $list, $id, $version), $item)];
        });
    }

    /**
     * @throws InUse                           when it is used
     * @throws StaleVersion                    when it is another by now than the one that was seen
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function remove(Shop $shop, WorkbookList $list, string $id, string $version): Written
    {
        return $this->write($shop, Event::Removed, function (Shop $locked) use ($list, $id, $version): array {
            $this->seen($locked, $list, $id, $version);
            $place = new Place($list->value, $id);

            $order = new Order(array_map(strval(...), array_values(ShopWorkbook::of($locked, $list)->orderBy('position')->pluck('code')->all())));

            return [new Change($place, $this->changes->present($locked, $place, whole: true), null, $order->before($id))];
        });
    }

    /** @param \Closure(Shop): list<Change> $changes of which the first is the thing's */
    private function write(Shop $shop, Event $event, \Closure $changes): Written
    {
        try {
            return $this->store->change($shop, fn(Shop $locked): Written => $this->changes->write($locked, $event, $changes($locked)));
        } catch (InvalidWorkbook $error) {
            throw ShopChanges::ofTheOnlyOne($error);
        }
    }

    private function seen(Shop $shop, WorkbookList $list, string $id, string $version): \stdClass
    {
        $present = $this->present($shop, $list, $id);
        if (Version::of($present) !== $version) {
            throw new StaleVersion(Version::with($present), $this->journal->last($shop, new Place($list->value, $id)));
        }

        return $present;
    }

    private function present(Shop $shop, WorkbookList $list, string $id): \stdClass
    {
        return $this->changes->present($shop, new Place($list->value, $id)) ?? throw (new ModelNotFoundException())->setModel(ListRow::class);
    }
}
