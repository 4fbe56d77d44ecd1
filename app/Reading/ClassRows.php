<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Shop;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Support\Collection;

/** The rows of a shop's classes, with what they name by its id: sessions who comes and what is done, exercises where, stations a kit. */
final readonly class ClassRows
{
    /** What is named, by the list that names it and its column; what is named may name others, and comes behind it. */
    private const NAMED = [
        'sessions' => ['people' => WorkbookList::People, 'stations' => WorkbookList::Stations, 'exercises' => WorkbookList::Exercises],
        'exercises' => ['after' => WorkbookList::Exercises, 'people' => WorkbookList::People, 'stations' => WorkbookList::Stations],
        'stations' => ['kit' => WorkbookList::Kits],
    ];

    /**
     * The lists with what is named in them, behind what was there.
     *
     * @param array<string, Collection<int, \stdClass>> $rows by list
     *
     * @return array<string, Collection<int, \stdClass>>
     */
    public static function withNamed(Shop $shop, array $rows): array
    {
        foreach (self::NAMED as $list => $columns) {
            foreach ($columns as $column => $of) {
                // An exercise that comes behind another may come behind a third.
                do {
                    $missing = $rows[$list]->flatMap(static fn(\stdClass $row): array => self::ids($row->{$column}))->unique()->diff($rows[$of->value]->pluck('code'));
                    $found = $missing->isEmpty() ? new Collection() : $shop->listed($of->value)->whereIn('code', $missing->values())->orderBy('position')->toBase()->get();
                    $rows[$of->value] = $rows[$of->value]->concat($found);
                } while ($of->value === $list && $found->isNotEmpty());
            }
        }

        return $rows;
    }

    /**
     * @param list<string> $exercises ids
     *
     * @return list<string> ids of the sessions in which one of these is done
     */
    public static function sessionsWith(Shop $shop, array $exercises): array
    {
        return array_map(strval(...), array_values($shop->listed(WorkbookList::Sessions->value)->whereRaw('jsonb_exists_any(exercises, ?::text[])', ['{' . implode(',', $exercises) . '}'])->pluck('code')->all()));
    }

    /** @return list<string> of a column that holds one id or a list of them */
    private static function ids(?string $stored): array
    {
        return match (true) {
            $stored === null => [],
            str_starts_with($stored, '[') => json_decode($stored, flags: JSON_THROW_ON_ERROR),
            default => [$stored],
        };
    }
}
