<?php

declare(strict_types=1);

namespace Gondrik\Core\Package;

/**
 * A workbook as a Tabular Data Package (Frictionless Data, version 1): a table for each list, the lines of all scopes in one of their own,
 * and datapackage.json, which says what the columns are, the title and the rules of the house.
 */
final readonly class PackageWriter
{
    /** @return array<string, string> the files by their names */
    public function files(\stdClass $workbook): array
    {
        $files = $resources = [];
        foreach (PackageTables::of($workbook) as $name => $rows) {
            $columns = CsvTable::columns($rows);
            $resources[] = [
                'name' => $name,
                'path' => $name . '.csv',
                'profile' => 'tabular-data-resource',
                'encoding' => 'utf-8',
                'schema' => ['fields' => array_map(static fn(string $column, ColumnType $type): array => ['name' => $column, 'type' => $type->value], array_map(strval(...), array_keys($columns)), $columns), 'missingValues' => ['']],
            ];
            $files[$name . '.csv'] = CsvTable::written($columns, $rows);
        }
        $package = array_filter([
            'profile' => 'tabular-data-package',
            'name' => 'gondrik-workbook',
            'title' => $workbook->title ?? null,
            'gondrik' => $workbook->gondrik,
            'houseRules' => $workbook->houseRules ?? null,
            'resources' => $resources,
        ], static fn(mixed $part): bool => $part !== null);

        return ['datapackage.json' => json_encode($package, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) . "\n", ...$files];
    }
}
