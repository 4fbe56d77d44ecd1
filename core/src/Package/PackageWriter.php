<?php

declare(strict_types=1);

namespace Gondrik\Core\Package;

use Gondrik\Core\Listing\SpreadsheetText;

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
            $columns = self::columns($rows);
            $resources[] = [
                'name' => $name,
                'path' => $name . '.csv',
                'profile' => 'tabular-data-resource',
                'encoding' => 'utf-8',
                'schema' => ['fields' => array_map(static fn(string $column, ColumnType $type): array => ['name' => $column, 'type' => $type->value], array_map(strval(...), array_keys($columns)), $columns), 'missingValues' => ['']],
            ];
            $files[$name . '.csv'] = self::csv($columns, $rows);
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

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return array<string, ColumnType> by their names, in the order in which they are met first
     */
    private static function columns(array $rows): array
    {
        $types = [];
        foreach ($rows as $row) {
            foreach ($row as $column => $value) {
                $types[$column] = isset($types[$column]) ? $types[$column]->with(ColumnType::of($value)) : ColumnType::of($value);
            }
        }

        return $types;
    }

    /**
     * @param array<string, ColumnType>  $columns
     * @param list<array<string, mixed>> $rows
     */
    private static function csv(array $columns, array $rows): string
    {
        $file = fopen('php://temp', 'w+b');
        assert($file !== false);
        fputcsv($file, array_map(strval(...), array_keys($columns)), escape: '', eol: "\r\n");
        foreach ($rows as $row) {
            $cells = [];
            foreach ($columns as $column => $type) {
                $cells[] = array_key_exists($column, $row) ? self::cell($type, $row[$column]) : '';
            }
            fputcsv($file, $cells, escape: '', eol: "\r\n");
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    private static function cell(ColumnType $type, mixed $value): string
    {
        if (!is_string($value) || $type === ColumnType::Any) {
            return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        }

        return SpreadsheetText::isTaken($value) || str_starts_with($value, SpreadsheetText::MARK) ? SpreadsheetText::MARK . $value : $value;
    }
}
