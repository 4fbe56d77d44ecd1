<?php

declare(strict_types=1);

namespace App\Writing;

use App\History\Place;
use App\Models\Shop;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Moved;
use Gondrik\Core\Log\OfStock;
use Gondrik\Core\Log\Out;
use Gondrik\Core\Log\Practised;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Log\SkillTold;
use Gondrik\Core\Log\Timed;
use Gondrik\Core\Log\Voided;
use Gondrik\Core\Workbook\ObjectCodec;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** The one way to write down what has happened: behind what stands there, and never over it. */
final readonly class LogStore
{
    private const CHUNK = 500;

    /** What the columns say that name something, and the list that they name. */
    private const NAMES = ['asset_id' => 'assets', 'by_id' => 'people', 'person_id' => 'people', 'kit_id' => 'kits', 'wire_id' => 'wires', 'terminal_id' => 'terminals', 'stock_id' => 'stock', 'tool_id' => 'tools', 'voids_id' => 'log_entries'];

    public function __construct(private ObjectCodec $objects = new ObjectCodec()) {}

    /**
     * @param Shop        $shop    under its lock
     * @param list<Entry> $entries that go together with what the log says
     */
    public function append(Shop $shop, array $entries): void
    {
        $rows = array_map(fn(Entry $entry): array => $this->row($shop, $entry), $entries);
        $ids = $this->ids($shop, $rows);
        $together = [];
        foreach ($rows as $row) {
            if ($row['voids_id'] === null && count($together) < self::CHUNK) {
                $together[] = self::named($row, $ids);
                continue;
            }
            // What it voids may come with it: that stands before.
            DB::table('log_entries')->insert($together);
            $together = [self::named($row, [...$ids, 'log_entries' => $this->rowsOf($shop, 'log_entries', [$row['voids_id']])])];
        }
        DB::table('log_entries')->insert($together);
        if ($rows !== []) {
            // Who comes second is told here, and not when everything is written.
            DB::statement('set constraints loans_once immediate');
            DB::statement('set constraints loans_once deferred');
            $shop->increment('version');
        }
    }

    /**
     * The entries among these places that have not been voided.
     *
     * @param list<Place> $places
     *
     * @return array<string, \stdClass> as the codec writes them, by path
     */
    public function standing(Shop $shop, array $places): array
    {
        $codes = array_map(static fn(Place $place): string => $place->id, array_filter($places, static fn(Place $place): bool => $place->isEntry()));
        $standing = [];
        foreach ($codes === [] ? [] : $shop->logEntries()->whereIn('code', array_values($codes))->whereNotIn('id', $shop->logEntries()->whereNotNull('voids_id')->select('voids_id'))->get() as $row) {
            $standing[(new Place(Place::LOG, $row->code))->path()] = json_decode($row->entry, flags: JSON_THROW_ON_ERROR);
        }

        return $standing;
    }

    /** @return array<string, scalar|null> with ids of the workbook where rows are named */
    private function row(Shop $shop, Entry $entry): array
    {
        return [
            'shop_id' => $shop->id,
            'code' => $entry->id,
            'on' => $entry->on->plain(),
            'what' => $entry::what()->value,
            'entry' => json_encode($this->objects->write($entry), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'asset_id' => $entry->asset()?->id,
            'reading' => $entry->reading(),
            'voids_id' => $entry instanceof Voided ? $entry->entry : null,
            'by_id' => $entry->by?->id,
            'person_id' => match (true) {
                $entry instanceof Out => $entry->to->person?->id,
                $entry instanceof SkillTold, $entry instanceof Practised => $entry->person->id,
                $entry instanceof Timed => $entry->person?->id,
                default => null,
            },
            'kit_id' => match (true) {
                $entry instanceof Out => $entry->to->kit?->id,
                $entry instanceof Moved => $entry->to?->id,
                default => null,
            },
            'stock_id' => $entry instanceof OfStock ? $entry->stock->id : null,
            'tool_id' => $entry instanceof Timed ? $entry->tool->id : null,
            'wire_id' => $entry instanceof Pulled ? $entry->wire->id : null,
            'terminal_id' => $entry instanceof Pulled ? $entry->terminal?->id : null,
            'user_id' => Auth::id() === null ? null : (int) Auth::id(),
            'created_at' => now()->toIso8601String(),
        ];
    }

    /**
     * @param list<array<string, scalar|null>> $rows
     *
     * @return array<string, array<string, int>> rows by list and id, of those that are named
     */
    private function ids(Shop $shop, array $rows): array
    {
        $ids = [];
        foreach (array_diff(self::NAMES, ['log_entries']) as $column => $list) {
            $ids[$list] = ($ids[$list] ?? []) + $this->rowsOf($shop, $list, array_column($rows, $column));
        }

        return $ids;
    }

    /**
     * @param array<scalar|null> $codes
     *
     * @return array<string, int>
     */
    private function rowsOf(Shop $shop, string $table, array $codes): array
    {
        $named = array_values(array_unique(array_filter($codes, is_string(...))));

        /** @var array<string, int> */
        return $named === [] ? [] : DB::table($table)->where('shop_id', $shop->id)->whereIn('code', $named)->pluck('id', 'code')->all();
    }

    /**
     * @param array<string, scalar|null>        $row
     * @param array<string, array<string, int>> $ids
     *
     * @return array<string, scalar|null> with rows where ids were
     */
    private static function named(array $row, array $ids): array
    {
        foreach (self::NAMES as $column => $list) {
            $row[$column] = $row[$column] === null ? null : $ids[$list][(string) $row[$column]];
        }

        return $row;
    }
}
