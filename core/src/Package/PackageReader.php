<?php

declare(strict_types=1);

namespace Gondrik\Core\Package;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;

/** Reads a Tabular Data Package as a workbook; whether what it says is sound is told by the codec. */
final readonly class PackageReader
{
    private const DESCRIPTION = 'datapackage.json';

    /**
     * @param array<string, string> $files by their names
     *
     * @return \stdClass the workbook, not looked at yet
     *
     * @throws InvalidWorkbook with every cell that is not what its column says, by file, row and column
     */
    public function workbook(array $files): \stdClass
    {
        $package = json_decode($files[self::DESCRIPTION] ?? 'null');
        if (!$package instanceof \stdClass || !is_array($package->resources ?? null)) {
            throw new InvalidWorkbook([new Problem(self::DESCRIPTION, null, 'must describe the tables of the package: an object with its resources')]);
        }
        $problems = $tables = [];
        foreach ($package->resources as $at => $resource) {
            $name = is_string($resource->name ?? null) ? $resource->name : '';
            $path = is_string($resource->path ?? null) ? $resource->path : '';
            if ($name === '' || !isset($files[$path])) {
                $problems[] = new Problem(self::DESCRIPTION . '/resources/' . $at . '/path', $path, 'must be a file of the package');
                continue;
            }
            if (isset($tables[$name])) {
                $problems[] = new Problem(self::DESCRIPTION . '/resources/' . $at . '/name', $name, 'must be the name of one table only');
            }
            $tables[$name] = CsvTable::rows($path, $files[$path], self::types($resource), $problems);
        }
        $described = array_map(static fn(mixed $resource): mixed => $resource->path ?? null, $package->resources);
        foreach (array_diff(array_map(strval(...), array_keys($files)), [self::DESCRIPTION], array_filter($described, is_string(...))) as $path) {
            $problems[] = new Problem($path, null, 'must be described in ' . self::DESCRIPTION . ', or not be in the package');
        }
        $known = array_map(static fn(array $scope): mixed => $scope['id'] ?? null, $tables['scopes'] ?? []);
        foreach ($tables[PackageTables::LINES] ?? [] as $at => $line) {
            if (!in_array($line['scope'] ?? null, $known, true)) {
                $problems[] = new Problem(PackageTables::LINES . '.csv/' . $at . '/scope', is_scalar($line['scope'] ?? null) ? $line['scope'] : null, 'must be the id of a scope of the package');
            }
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
        $workbook = new \stdClass();
        foreach (['gondrik', 'title', 'houseRules'] as $key) {
            if (isset($package->{$key})) {
                $workbook->{$key} = $package->{$key};
            }
        }

        return (object) [...get_object_vars($workbook), ...get_object_vars(PackageTables::lists($tables))];
    }

    /** @return array<string, ColumnType> by column */
    private static function types(\stdClass $resource): array
    {
        $types = [];
        foreach (is_array($resource->schema->fields ?? null) ? $resource->schema->fields : [] as $field) {
            if (is_string($field->name ?? null) && is_string($field->type ?? null)) {
                $types[$field->name] = ColumnType::tryFrom($field->type) ?? ColumnType::String;
            }
        }

        return $types;
    }
}
