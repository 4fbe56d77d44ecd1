<?php

declare(strict_types=1);

namespace App\Writing;

use App\History\Place;
use App\Models\LogEntry;
use App\Models\Shop;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Where a thing of the shop is used among its things one by one, and where the log speaks of it. */
final readonly class UsesInRegister
{
    /** The columns of an asset and of a log entry that name a thing of a list. */
    private const ASSET = ['tools' => 'tool_id', 'kits' => 'home_id'];

    private const LOG = [
        'wires' => ['wire_id'],
        'terminals' => ['terminal_id'],
        'tools' => ['tool_id'],
        'kits' => ['kit_id'],
        'people' => ['by_id', 'person_id'],
        'assets' => ['asset_id'],
        'stock' => ['stock_id'],
    ];

    /** @param list<int> $rows of the list */
    public function areUsed(Shop $shop, WorkbookList $list, array $rows): bool
    {
        $asset = self::ASSET[$list->value] ?? null;

        return ($asset !== null && $shop->listed(WorkbookList::Assets->value)->whereIntegerInRaw($asset, $rows)->exists())
            || self::entries($shop, $list, $rows)?->exists() === true;
    }

    /**
     * @param int $most so many of each are named
     *
     * @return array{list<array{list: string, id: string, name: string}>, int} and how many there are
     */
    public function of(Shop $shop, WorkbookList $list, int $row, int $most): array
    {
        $uses = [];
        $count = 0;
        $asset = self::ASSET[$list->value] ?? null;
        if ($asset !== null) {
            $assets = $shop->listed(WorkbookList::Assets->value)->where($asset, $row);
            $count += $assets->count();
            foreach ($assets->orderBy('position')->limit($most)->get(['code', 'name']) as $one) {
                $uses[] = ['list' => WorkbookList::Assets->value, 'id' => $one->code, 'name' => $one->name];
            }
        }
        $entries = self::entries($shop, $list, [$row]);
        if ($entries !== null) {
            $count += $entries->count();
            foreach ($entries->orderByDesc('id')->limit($most)->get(['code', 'on', 'what']) as $entry) {
                $uses[] = ['list' => Place::LOG, 'id' => $entry->code, 'name' => 'what happened on ' . $entry->on];
            }
        }

        return [$uses, $count];
    }

    /**
     * @param list<int> $rows
     *
     * @return HasMany<LogEntry, Shop>|null null where the log speaks of nothing of this list
     */
    private static function entries(Shop $shop, WorkbookList $list, array $rows): ?HasMany
    {
        $columns = self::LOG[$list->value] ?? null;

        return $columns === null ? null : $shop->logEntries()->where(static function (Builder $entries) use ($columns, $rows): void {
            foreach ($columns as $column) {
                $entries->orWhereIntegerInRaw($column, $rows);
            }
        });
    }
}
