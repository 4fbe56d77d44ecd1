<?php

declare(strict_types=1);

namespace Gondrik\Core\Package;

use Gondrik\Core\Listing\SpreadsheetText;
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
            $tables[$name] = self::rows($path, $files[$path], self::types($resource), $problems);
        }
        $described = array_map(static fn(mixed $resource): mixed => $resource->path ?? null, $package->resources);
        foreach (array_diff(array_map(strval(...), array_keys($files)), [self::DESCRIPTION], array_filter($described, is_string(...))) as $path) {
            $problems[] = new Problem($path, null, 'must be described in ' . self::DESCRIPTION . ', or not be in the package');
        }
        $known = array_map(static fn(array $scope): mixed => $scope['id'] ?? null, $tables['scopes'] ?? []);
        foreach ($tables[PackageTables::LINES] ?? [] as $at => $line) {
            if (!in_array($line['scope'] ?? null, $known, true)) {
                $problems[] = new Problem(PackageTables::LINES . '.csv/' . $at + 2 . '/scope', is_scalar($line['scope'] ?? null) ? $line['scope'] : null, 'must be the id of a scope of the package');
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

    /**
     * @param array<string, ColumnType> $types
     * @param list<Problem>             $problems found by the way
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(string $path, string $text, array $types, array &$problems): array
    {
        $file = fopen('php://temp', 'w+b');
        assert($file !== false);
        fwrite($file, str_starts_with($text, "\u{feff}") ? substr($text, 3) : $text);
        rewind($file);
        $names = array_map(strval(...), fgetcsv($file, escape: '') ?: []);
        foreach (array_unique(array_diff_assoc($names, array_unique($names))) as $name) {
            $problems[] = new Problem($path . '/1', $name, 'must be the name of one column only');
        }
        $rows = [];
        for ($number = 2; ($cells = fgetcsv($file, escape: '')) !== false; $number++) {
            // A line with nothing in it is none.
            if ($cells === [null]) {
                continue;
            }
            $row = [];
            foreach ($cells as $at => $cell) {
                $name = (string) ($names[$at] ?? '');
                if ($cell === null || $cell === '') {
                    continue;
                }
                if ($name === '') {
                    $problems[] = new Problem($path . '/' . $number . '/' . $at + 1, $cell, 'must stand below the name of a column');
                    continue;
                }
                try {
                    $row[$name] = self::value($types[$name] ?? ColumnType::String, $cell);
                } catch (\UnexpectedValueException $error) {
                    $problems[] = new Problem($path . '/' . $number . '/' . $name, $cell, $error->getMessage());
                }
            }
            foreach (self::clashes($row) as $name => $group) {
                $problems[] = new Problem($path . '/' . $number . '/' . $name, $cells[(int) array_search($name, $names, true)], 'must be empty where ' . $group . ' is said');
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, string> columns that say one value where another says a part of it, each with that other
     */
    private static function clashes(array $row): array
    {
        $clashes = [];
        foreach (array_map(strval(...), array_keys($row)) as $part) {
            for ($group = $part; str_contains($group, '.');) {
                $group = substr($group, 0, (int) strrpos($group, '.'));
                if (array_key_exists($group, $row)) {
                    $clashes[$group] = $part;
                }
            }
        }

        return $clashes;
    }

    /** @throws \UnexpectedValueException with what it must be */
    private static function value(ColumnType $type, string $cell): mixed
    {
        if ($type->isText()) {
            return str_starts_with($cell, SpreadsheetText::MARK) ? substr($cell, strlen(SpreadsheetText::MARK)) : $cell;
        }
        $value = json_decode($type === ColumnType::Boolean ? strtolower($cell) : $cell);
        $is = $value === null && trim($cell) !== 'null' ? null : ColumnType::of($value);

        return match (true) {
            $is === null => throw new \UnexpectedValueException(self::wanted($type)),
            $type === ColumnType::Any, $is === $type, $type === ColumnType::Number && $is === ColumnType::Integer => $value,
            default => throw new \UnexpectedValueException(self::wanted($type)),
        };
    }

    private static function wanted(ColumnType $type): string
    {
        return match ($type) {
            ColumnType::Integer => 'must be a whole number',
            ColumnType::Number => 'must be a number',
            ColumnType::Boolean => 'must be true or false',
            ColumnType::List => 'must be a list as JSON has it',
            ColumnType::Group => 'must be an object as JSON has it',
            default => 'must be a value as JSON has it, text in quotation marks',
        };
    }
}
