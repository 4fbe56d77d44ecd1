<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\ListRow;
use App\Models\Shop;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Where a thing of the shop is used in its classes: by its id in the columns of stations, exercises and sessions. */
final readonly class UsesInClasses
{
    /**
     * The columns that name things of a list, by the list and by who names them.
     *
     * @var array<string, array<string, list<string>>>
     */
    private const NAMING = [
        'kits' => ['stations' => ['kit']],
        'people' => ['exercises' => ['people'], 'sessions' => ['people']],
        'stations' => ['exercises' => ['stations'], 'sessions' => ['stations']],
        'exercises' => ['exercises' => ['after'], 'sessions' => ['exercises']],
    ];

    /** @param list<string> $ids */
    public function areUsed(Shop $shop, WorkbookList $list, array $ids): bool
    {
        foreach (array_keys(self::NAMING[$list->value] ?? []) as $naming) {
            // What goes together may name each other.
            if (self::naming($shop, $naming, $list, $ids)->exists()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param int $most so many of each are named
     *
     * @return array{list<array{list: string, id: string, name: string}>, int} and how many there are
     */
    public function of(Shop $shop, WorkbookList $list, string $id, int $most): array
    {
        $uses = [];
        $count = 0;
        foreach (array_keys(self::NAMING[$list->value] ?? []) as $naming) {
            $rows = self::naming($shop, $naming, $list, [$id]);
            $count += $rows->count();
            foreach ($rows->orderBy('position')->limit($most)->get(['code', 'name']) as $row) {
                $uses[] = ['list' => $naming, 'id' => $row->code, 'name' => $row->name];
            }
        }

        return [$uses, $count];
    }

    /**
     * @param list<string> $ids
     *
     * @return HasMany<covariant ListRow, Shop>
     */
    private static function naming(Shop $shop, string $naming, WorkbookList $list, array $ids): HasMany
    {
        $of = '{' . implode(',', $ids) . '}';
        $asked = array_map(static fn(string $column): string => $column === 'kit' ? 'kit = any(?::text[])' : 'jsonb_exists_any(' . $column . ', ?::text[])', self::NAMING[$list->value][$naming] ?? []);
        $rows = $shop->listed($naming)->whereRaw('(' . implode(' or ', $asked) . ')', array_fill(0, count($asked), $of));

        return $naming === $list->value ? $rows->whereRaw('code <> all(?::text[])', [$of]) : $rows;
    }
}
