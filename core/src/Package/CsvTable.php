<?php

declare(strict_types=1);

namespace Gondrik\Core\Package;

use Gondrik\Core\Listing\SpreadsheetText;
use Gondrik\Core\Workbook\Problem;

/** Rows as CSV and back (RFC 4180, UTF-8); what is no text stands in a cell as JSON has it. */
final readonly class CsvTable
{
    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return array<string, ColumnType> by their names, in the order in which they are met first
     */
    public static function columns(array $rows): array
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
    public static function written(array $columns, array $rows): string
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

    /**
     * @param array<string, ColumnType> $types
     * @param list<Problem>             $problems found by the way
     *
     * @return array<int, array<string, mixed>> by the numbers of the rows, as one counts them with that of the names
     */
    public static function rows(string $path, string $text, array $types, array &$problems): array
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
            $rows[$number] = $row;
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
