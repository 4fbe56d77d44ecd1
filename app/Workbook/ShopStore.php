<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\Shop;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Support\Facades\DB;

/**
 * The one way to write a shop's things: under the shop's lock, in one transaction, and every change raises its version.
 * Imports and their undo go through it, and whatever else writes.
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
     * @param list<Wire|Terminal|Tool|Kit|Scope> $things
     */
    public function put(Shop $shop, WorkbookList $list, array $things): void
    {
        if ($things === []) {
            return;
        }
        $this->upsert($shop, $list, $things);
        match ($list) {
            WorkbookList::Kits => $this->putKitTools($shop, array_values(array_filter($things, static fn(object $thing): bool => $thing instanceof Kit))),
            WorkbookList::Scopes => $this->putLines($shop, array_values(array_filter($things, static fn(object $thing): bool => $thing instanceof Scope))),
            default => null,
        };
        $this->raise($shop);
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

    /**
     * Puts a line into a scope; its wires and terminal are the shop's.
     *
     * @param int|null $after position of the line before it; null puts it at the end
     */
    public function addLine(Shop $shop, int $scopeId, Line $line, ?int $after = null): void
    {
        $lines = DB::table('lines')->where('shop_id', $shop->id)->where('scope_id', $scopeId);
        if ($after === null) {
            $position = $lines->exists() ? 1 + (int) $lines->max('position') : 0;
        } else {
            $position = $after + 1;
            $lines->where('position', '>', $after)->increment('position');
        }
        DB::table('lines')->insert([...$this->lineRow($shop, $line), 'shop_id' => $shop->id, 'scope_id' => $scopeId, 'position' => $position]);
        $this->raise($shop);
    }

    /** Writes a line in the place of the one that has its id. */
    public function replaceLine(Shop $shop, int $scopeId, Line $line): void
    {
        DB::table('lines')->where('shop_id', $shop->id)->where('scope_id', $scopeId)->where('code', $line->id)->update($this->lineRow($shop, $line));
        $this->raise($shop);
    }

    /** @return array<string, scalar|null> */
    private function lineRow(Shop $shop, Line $line): array
    {
        $idOf = static fn(string $table, ?string $code): ?int => $code === null ? null : (int) DB::table($table)->where('shop_id', $shop->id)->where('code', $code)->value('id');

        return [
            ...Columns::of(Line::class)->toRow($this->objects->write($line, whole: true)),
            'wire_id' => $idOf('wires', $line->wire?->id),
            'terminal_id' => $idOf('terminals', $line->terminal?->id),
            'wire_b_id' => $idOf('wires', $line->wireB?->id),
        ];
    }

    public function removeLine(Shop $shop, int $scopeId, string $line): void
    {
        DB::table('lines')->where('shop_id', $shop->id)->where('scope_id', $scopeId)->where('code', $line)->delete();
        $this->raise($shop);
    }

    private function raise(Shop $shop): void
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
        $last = (int) DB::table($list->value)->where('shop_id', $shop->id)->max('position');
        $rows = [];
        foreach ($things as $index => $thing) {
            $row = $columns->toRow($this->objects->write($thing, whole: true));
            $rows[] = [...$row, 'shop_id' => $shop->id, 'position' => $last + 1 + $index, 'created_at' => now(), 'updated_at' => now()];
        }
        $changing = array_values(array_diff(array_keys($rows[0]), ['shop_id', 'code', 'position', 'created_at']));
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::table($list->value)->upsert($chunk, ['shop_id', 'code'], $changing);
        }
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
        $wireIds = $shop->wires()->pluck('id', 'code');
        $terminalIds = $shop->terminals()->pluck('id', 'code');
        $columns = Columns::of(Line::class);
        foreach ($scopes as $scope) {
            DB::table('lines')->where('shop_id', $shop->id)->where('scope_id', $scopeIds[$scope->id])
                ->whereRaw('code <> all(?::text[])', [self::textArray(array_map(static fn(Line $line): string => $line->id, $scope->lines))])->delete();
            foreach (array_chunk($scope->lines, self::CHUNK, preserve_keys: true) as $chunk) {
                DB::table('lines')->upsert(array_map(fn(Line $line, int $position): array => [
                    ...$columns->toRow($this->objects->write($line, whole: true)),
                    'shop_id' => $shop->id,
                    'scope_id' => $scopeIds[$scope->id],
                    'position' => $position,
                    'wire_id' => $line->wire === null ? null : $wireIds[$line->wire->id],
                    'terminal_id' => $line->terminal === null ? null : $terminalIds[$line->terminal->id],
                    'wire_b_id' => $line->wireB === null ? null : $wireIds[$line->wireB->id],
                ], $chunk, array_keys($chunk)), ['scope_id', 'code']);
            }
        }
    }
}
