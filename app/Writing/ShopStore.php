<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\Shop;
use App\Models\ShopSettings;
use App\Reading\Columns;
use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Entry\Name;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Wording\ItemName;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Support\Facades\DB;

/**
 * The one way to write a shop's things: under the shop's lock, in one transaction, and every change raises its version.
 * Imports and their undo go through it, and whatever else writes.
 *
 * @phpstan-import-type Thing from WorkbookList
 */
final readonly class ShopStore
{
    /** Rows in one statement: PostgreSQL takes 65,535 bound values. */
    private const CHUNK = 500;

    public function __construct(private ObjectCodec $objects = new ObjectCodec()) {}

    /**
     * Writers come one after the other, and each sees what the one before it did.
     *
     * @template T
     *
     * @param \Closure(Shop): T $write gets the shop as it is under the lock
     *
     * @return T
     */
    public function change(Shop $shop, \Closure $write): mixed
    {
        return DB::transaction(static fn(): mixed => $write($shop->lock()));
    }

    public function putHouseRules(Shop $shop, ?RuleChoice $rules): void
    {
        $shop->update(['house_rules' => $rules === null ? null : $this->objects->write($rules)]);
        $this->raise($shop);
    }

    /**
     * Adds what is new and changes what is there, by id; what is there keeps its place.
     *
     * @param list<Thing> $things
     */
    public function put(Shop $shop, WorkbookList $list, array $things): void
    {
        if ($things === []) {
            return;
        }
        $this->upsert($shop, $list, $things);
        match ($list) {
            WorkbookList::Terminals => $this->nameStock($shop),
            WorkbookList::Kits => $this->putKitTools($shop, array_values(array_filter($things, static fn(object $thing): bool => $thing instanceof Kit))),
            WorkbookList::Scopes => $this->putLines($shop, array_values(array_filter($things, static fn(object $thing): bool => $thing instanceof Scope))),
            default => null,
        };
        $this->raise($shop);
    }

    /** A stock is called as its terminal is. */
    private function nameStock(Shop $shop): void
    {
        DB::update('update stock set name = terminals.name from terminals where stock.shop_id = ? and terminals.id = stock.terminal_id and stock.name <> terminals.name', [$shop->id]);
    }

    /**
     * Takes away what is not among these.
     *
     * @param list<string> $ids
     */
    public function keepOnly(Shop $shop, WorkbookList $list, array $ids): void
    {
        $gone = DB::table($list->value)->where('shop_id', $shop->id)->whereRaw('code <> all(?::text[])', [self::textArray($ids)])->delete();
        if ($gone > 0) {
            $this->raise($shop);
        }
    }

    /** A scope without its lines, which stay as they are. */
    public function putHead(Shop $shop, Scope $scope): void
    {
        $this->upsert($shop, WorkbookList::Scopes, [$scope]);
        $this->raise($shop);
    }

    /**
     * Takes some away; what refers to them must be gone before.
     *
     * @param list<string> $ids
     */
    public function remove(Shop $shop, WorkbookList $list, array $ids): void
    {
        DB::table($list->value)->where('shop_id', $shop->id)->whereRaw('code = any(?::text[])', [self::textArray($ids)])->delete();
        $this->raise($shop);
    }

    /** @param string $follows id of the one before it in its list, "" for the first place; where that is gone it stays where it is */
    public function place(Shop $shop, WorkbookList $list, string $id, string $follows): void
    {
        $before = $follows === '' ? -1 : DB::table($list->value)->where('shop_id', $shop->id)->where('code', $follows)->value('position');
        if (is_int($before)) {
            DB::table($list->value)->where('shop_id', $shop->id)->where('position', '>', $before)->increment('position');
            DB::table($list->value)->where('shop_id', $shop->id)->where('code', $id)->update(['position' => $before + 1]);
        }
    }

    /**
     * Lines of one scope that come, change and go; their wires and terminals are the shop's.
     *
     * @param list<Line>   $lines   new ones, and such as are written over what has their id
     * @param list<string> $removed ids
     * @param list<string> $order   ids of all that are there afterwards
     */
    public function writeLines(Shop $shop, string $scope, array $lines, array $removed, array $order): void
    {
        $scopeId = (int) DB::table('scopes')->where('shop_id', $shop->id)->where('code', $scope)->value('id');
        DB::table('lines')->where('shop_id', $shop->id)->where('scope_id', $scopeId)->whereRaw('code = any(?::text[])', [self::textArray($removed)])->delete();
        $wires = $this->idsOf($shop, 'wires', array_map(static fn(Line $line): array => [$line->wire?->id, $line->wireB?->id], $lines));
        $terminals = $this->idsOf($shop, 'terminals', array_map(static fn(Line $line): array => [$line->terminal?->id], $lines));
        foreach (array_chunk($lines, self::CHUNK) as $chunk) {
            $rows = array_map(fn(Line $line): array => [...$this->lineRow($line, $wires, $terminals), 'shop_id' => $shop->id, 'scope_id' => $scopeId, 'position' => 0], $chunk);
            DB::table('lines')->upsert($rows, ['scope_id', 'code'], array_values(array_diff(array_keys($rows[0]), ['shop_id', 'scope_id', 'code', 'position'])));
        }
        DB::update(
            'update lines set position = wanted.place from unnest(?::text[]) with ordinality as wanted(code, place)
                where lines.shop_id = ? and lines.scope_id = ? and lines.code = wanted.code and lines.position <> wanted.place',
            [self::textArray($order), $shop->id, $scopeId],
        );
        $this->raise($shop);
    }

    /**
     * @param array<string, int> $wires     rows by id
     * @param array<string, int> $terminals
     *
     * @return array<string, scalar|null>
     */
    private function lineRow(Line $line, array $wires, array $terminals): array
    {
        return [
            ...Columns::of(Line::class)->toRow($this->objects->write($line, whole: true)),
            'wire_id' => $line->wire === null ? null : $wires[$line->wire->id],
            'terminal_id' => $line->terminal === null ? null : $terminals[$line->terminal->id],
            'wire_b_id' => $line->wireB === null ? null : $wires[$line->wireB->id],
        ];
    }

    /**
     * @param list<list<string|null>> $ids
     *
     * @return array<string, int> rows by id, of those that are named
     */
    private function idsOf(Shop $shop, string $table, array $ids): array
    {
        $named = array_values(array_unique(array_filter(array_merge(...$ids), is_string(...))));
        if ($named === []) {
            return [];
        }

        /** @var array<string, int> */
        return DB::table($table)->where('shop_id', $shop->id)->whereRaw('code = any(?::text[])', [self::textArray($named)])->pluck('id', 'code')->all();
    }

    /** @return array{int, list<int>} the number of a plan to come, and of so many things in it */
    public function newPlan(int $items): array
    {
        $next = static fn(string $table, int $many): array => array_map(static fn(\stdClass $row): int => (int) $row->number, array_values(DB::select("select nextval(pg_get_serial_sequence('{$table}', 'id')) as number from generate_series(1, ?)", [$many])));

        return [$next('plans', 1)[0], $next('plan_items', $items)];
    }

    /** @param string $about wire or terminal */
    public function putAlias(Shop $shop, string $about, string $words, int $thing): void
    {
        DB::table('aliases')->where('shop_id', $shop->id)->where('words', $words)->whereNotNull($about . '_id')->delete();
        DB::table('aliases')->insert(['shop_id' => $shop->id, 'words' => $words, $about . '_id' => $thing, 'created_at' => now(), 'updated_at' => now()]);
    }

    /** @param string|null $says null where it says nothing */
    public function putColumnName(Shop $shop, string $name, ?string $says): void
    {
        DB::table('column_names')->upsert([['shop_id' => $shop->id, 'name' => $name, 'says' => $says, 'created_at' => now(), 'updated_at' => now()]], ['shop_id', 'name'], ['says', 'updated_at']);
    }

    /** @param string|null $by who proposed it; null where it waits for nobody */
    public function putProposed(Shop $shop, WorkbookList $list, string $id, ?string $by): void
    {
        DB::table($list->value)->where('shop_id', $shop->id)->where('code', $id)->update(['proposed_by' => $by]);
    }

    public function putCurrency(Shop $shop, string $currency): void
    {
        $shop->update(['currency' => $currency]);
    }

    /** @param array<string, mixed> $settings */
    public function putSettings(Shop $shop, array $settings): void
    {
        $shop->update(ShopSettings::columns($settings));
    }

    /** Whoever looks at the shop reads anew. */
    public function raise(Shop $shop): void
    {
        $shop->increment('version');
    }

    /** @param list<string> $ids whose letters need no quoting, as the schema sees to it */
    private static function textArray(array $ids): string
    {
        return '{' . implode(',', $ids) . '}';
    }

    /** @param non-empty-list<object> $things */
    private function upsert(Shop $shop, WorkbookList $list, array $things): void
    {
        $columns = Columns::of($list->class());
        $named = $this->namedBy($shop, $things);
        $last = (int) DB::table($list->value)->where('shop_id', $shop->id)->max('position');
        $rows = [];
        foreach ($things as $index => $thing) {
            $row = $columns->toRow($this->objects->write($thing, whole: true));
            if ($thing instanceof Wire || $thing instanceof Terminal) {
                // By which an entry finds it.
                $row['plain_name'] = Name::plain($thing->name);
            }
            if ($thing instanceof Stock) {
                $row += ['name' => ItemName::of($thing->item), 'item_key' => $thing->item->key(), 'terminal_id' => $thing->item->terminal === null ? null : $named['terminals'][$thing->item->terminal->id]];
            }
            if ($thing instanceof Asset) {
                $row += ['tool_id' => $named['tools'][$thing->tool->id], 'home_id' => $thing->home === null ? null : $named['kits'][$thing->home->id]];
            }
            $rows[] = [...$row, 'shop_id' => $shop->id, 'position' => $last + 1 + $index, 'created_at' => now(), 'updated_at' => now()];
        }
        $changing = array_values(array_diff(array_keys($rows[0]), ['shop_id', 'code', 'position', 'created_at']));
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::table($list->value)->upsert($chunk, ['shop_id', 'code'], $changing);
        }
    }

    /**
     * @param list<object> $things
     *
     * @return array{tools: array<string, int>, kits: array<string, int>, terminals: array<string, int>} rows by id
     */
    private function namedBy(Shop $shop, array $things): array
    {
        $assets = array_values(array_filter($things, static fn(object $thing): bool => $thing instanceof Asset));

        return [
            'tools' => $this->idsOf($shop, 'tools', array_map(static fn(Asset $asset): array => [$asset->tool->id], $assets)),
            'kits' => $this->idsOf($shop, 'kits', array_map(static fn(Asset $asset): array => [$asset->home?->id], $assets)),
            'terminals' => $this->idsOf($shop, 'terminals', array_map(static fn(Stock $stock): array => [$stock->item->terminal?->id], array_values(array_filter($things, static fn(object $thing): bool => $thing instanceof Stock)))),
        ];
    }

    /** @param list<Kit> $kits */
    private function putKitTools(Shop $shop, array $kits): void
    {
        $kitIds = $shop->kits()->pluck('id', 'code');
        $toolIds = $shop->tools()->pluck('id', 'code');
        foreach ($kits as $kit) {
            DB::table('kit_tools')->where('shop_id', $shop->id)->where('kit_id', $kitIds[$kit->id])->delete();
            $rows = [];
            foreach ($kit->tools as $position => $entry) {
                $rows[] = ['shop_id' => $shop->id, 'kit_id' => $kitIds[$kit->id], 'tool_id' => $toolIds[$entry->tool->id], 'count' => $entry->count, 'position' => $position];
            }
            foreach (array_chunk($rows, self::CHUNK) as $chunk) {
                DB::table('kit_tools')->insert($chunk);
            }
        }
    }

    /** @param list<Scope> $scopes */
    private function putLines(Shop $shop, array $scopes): void
    {
        $scopeIds = $shop->scopes()->pluck('id', 'code');
        $wireIds = $shop->wires()->pluck('id', 'code')->all();
        $terminalIds = $shop->terminals()->pluck('id', 'code')->all();
        foreach ($scopes as $scope) {
            DB::table('lines')->where('shop_id', $shop->id)->where('scope_id', $scopeIds[$scope->id])
                ->whereRaw('code <> all(?::text[])', [self::textArray(array_map(static fn(Line $line): string => $line->id, $scope->lines))])->delete();
            foreach (array_chunk($scope->lines, self::CHUNK, preserve_keys: true) as $chunk) {
                DB::table('lines')->upsert(array_map(fn(Line $line, int $position): array => [
                    ...$this->lineRow($line, $wireIds, $terminalIds),
                    'shop_id' => $shop->id,
                    'scope_id' => $scopeIds[$scope->id],
                    'position' => $position,
                ], $chunk, array_keys($chunk)), ['scope_id', 'code']);
            }
        }
    }
}
