<?php

declare(strict_types=1);

namespace Gondrik\Core\Reference;

/** The tables that anybody may look up; data/reference-tables.csv names them. */
final class Tables
{
    /** @return list<array{name: string, title: string, about: string, rows: int}> */
    public static function all(): array
    {
        return array_map(static fn(array $row): array => [
            'name' => $row['name'],
            'title' => $row['title'],
            'about' => $row['about'],
            'rows' => count(Table::rows($row['name'])),
        ], Table::rows('reference-tables'));
    }

    public static function has(string $name): bool
    {
        return in_array($name, array_column(Table::rows('reference-tables'), 'name'), true);
    }

    /** @return non-empty-list<list<string>> its header and its rows */
    public static function table(string $name): array
    {
        $rows = Table::rows($name);

        return [array_keys($rows[0] ?? []), ...array_map(array_values(...), $rows)];
    }
}
