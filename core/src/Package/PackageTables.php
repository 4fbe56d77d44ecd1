<?php

declare(strict_types=1);

namespace Gondrik\Core\Package;

/** Between the lists of a workbook and flat rows: what is grouped in an item stands in columns with a dot between, its lists in one cell. */
final readonly class PackageTables
{
    /** The lines of every scope, each with the id of its own. */
    public const LINES = 'lines';

    private const SCOPE = 'scope';

    /** @return array<string, list<array<string, mixed>>> rows by list */
    public static function of(\stdClass $workbook): array
    {
        $tables = [];
        foreach (get_object_vars($workbook) as $list => $items) {
            if (!is_array($items)) {
                continue;
            }
            $tables[$list] = array_map(static fn(\stdClass $item): array => self::flat($list === 'scopes' ? self::without($item, self::LINES) : $item), array_values($items));
            if ($list === 'scopes') {
                $tables[self::LINES] = [];
                foreach ($items as $scope) {
                    foreach ($scope->lines ?? [] as $line) {
                        $tables[self::LINES][] = [self::SCOPE => $scope->id, ...self::flat($line)];
                    }
                }
            }
        }

        return $tables;
    }

    /**
     * @param array<string, array<int, array<string, mixed>>> $tables
     *
     * @return \stdClass the lists of a workbook; lines of a scope that there is not are given to none and told by the place that they have
     */
    public static function lists(array $tables): \stdClass
    {
        $lists = new \stdClass();
        foreach (array_diff_key($tables, [self::LINES => null]) as $list => $rows) {
            $lists->{$list} = array_map(self::deep(...), array_values($rows));
        }
        $lines = [];
        foreach ($tables[self::LINES] ?? [] as $row) {
            $scope = is_string($row[self::SCOPE] ?? null) ? $row[self::SCOPE] : '';
            $lines[$scope][] = self::deep(array_diff_key($row, [self::SCOPE => null]));
        }
        foreach ($lists->scopes ?? [] as $scope) {
            $scope->lines = $lines[(string) ($scope->id ?? '')] ?? [];
        }

        return $lists;
    }

    /** @return array<string, mixed> */
    private static function flat(\stdClass $item, string $before = ''): array
    {
        $flat = [];
        foreach (get_object_vars($item) as $key => $value) {
            $flat += $value instanceof \stdClass && get_object_vars($value) !== [] ? self::flat($value, $before . $key . '.') : [$before . $key => $value];
        }

        return $flat;
    }

    /** @param array<string, mixed> $row */
    public static function deep(array $row): \stdClass
    {
        $item = new \stdClass();
        foreach ($row as $column => $value) {
            $keys = explode('.', (string) $column);
            $into = $item;
            foreach (array_slice($keys, 0, -1) as $key) {
                $into = ($into->{$key} ?? null) instanceof \stdClass ? $into->{$key} : $into->{$key} = new \stdClass();
            }
            $into->{$keys[count($keys) - 1]} = $value;
        }

        return $item;
    }

    private static function without(\stdClass $item, string $key): \stdClass
    {
        return (object) array_diff_key(get_object_vars($item), [$key => null]);
    }
}
