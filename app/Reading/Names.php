<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Shop;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookList;

/** What things of a shop are called, for whoever reads of them by id. */
final class Names
{
    /**
     * Of all that is named somewhere within something; what is no id, or is gone, has no name.
     *
     * @return array<string, array<string, string>> names by list and id
     */
    public static function within(Shop $shop, mixed $something): array
    {
        $ids = array_map(strval(...), array_keys(self::idsWithin($something)));
        $names = [];
        foreach ($ids === [] ? [] : WorkbookList::cases() as $list) {
            $names[$list->value] = $shop->listed($list->value)->whereIn('code', $ids)->pluck('name', 'code')->all();
        }

        return array_filter($names);
    }

    /**
     * The same of what an answer about lines names, out of a workbook that was read for it.
     *
     * @return array{wires: object, terminals: object} by id
     */
    public static function ofEnds(Workbook $workbook, mixed $something): array
    {
        $ids = self::idsWithin($something);
        $named = static fn(array $things): object => (object) array_intersect_key(array_column($things, 'name', 'id'), $ids);

        return ['wires' => $named($workbook->wires), 'terminals' => $named($workbook->terminals)];
    }

    /** @return array<string, true> */
    private static function idsWithin(mixed $something): array
    {
        if (is_string($something)) {
            return preg_match('~^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$~D', $something) === 1 ? [$something => true] : [];
        }
        $ids = [];
        foreach (is_object($something) ? get_object_vars($something) : (is_array($something) ? $something : []) as $part) {
            $ids += self::idsWithin($part);
        }

        return $ids;
    }
}
