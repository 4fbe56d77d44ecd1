<?php

declare(strict_types=1);

namespace Gondrik\Core\Package;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;

/** The log as a table by itself: a row for each entry, what is grouped in it in columns with a dot between ("to.person"). */
final readonly class LogTable
{
    /** By which the places of problems begin. */
    public const NAME = 'log.csv';

    /** What of an entry is no text. */
    private const TYPES = [
        'cycles' => ColumnType::Integer,
        'tries' => ColumnType::Integer,
        'good' => ColumnType::Integer,
        'pieces' => ColumnType::Number,
        'seconds' => ColumnType::Number,
        'required' => ColumnType::Number,
        'forces' => ColumnType::List,
        'modes' => ColumnType::List,
        'faults' => ColumnType::List,
    ];

    /** What "to" says of the shelf; no kit can be called so. */
    private const SHELF = '(shelf)';

    /** @param list<\stdClass> $entries as the workbook has them */
    public static function csv(array $entries): string
    {
        $rows = PackageTables::of((object) ['log' => array_map(self::shelved(...), $entries)])['log'];
        $types = array_map(static fn(ColumnType $type): ColumnType => $type === ColumnType::Any ? ColumnType::String : $type, CsvTable::columns($rows));

        return CsvTable::written($types + array_fill_keys(['id', 'on', 'what'], ColumnType::String), $rows);
    }

    /**
     * @return non-empty-array<int, \stdClass> by the numbers of their rows, as the workbook has them; without an id where none is said
     *
     * @throws InvalidWorkbook with every cell that is not what its column says, by row and column
     */
    public static function entries(string $csv): array
    {
        $problems = [];
        $rows = CsvTable::rows(self::NAME, $csv, self::TYPES, $problems);
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
        if ($rows === []) {
            throw new InvalidWorkbook([new Problem(self::NAME, null, 'must have a row of names (what, asset, on …) and below it a row for each entry')]);
        }

        return array_map(static function (array $row): \stdClass {
            $entry = PackageTables::deep($row);
            if (($entry->to ?? null) === self::SHELF) {
                $entry->to = null;
            }

            return $entry;
        }, $rows);
    }

    /** An empty cell says nothing, and a move to no kit is one to the shelf. */
    private static function shelved(\stdClass $entry): \stdClass
    {
        return ($entry->what ?? null) === 'moved' && ($entry->to ?? null) === null ? (object) [...get_object_vars($entry), 'to' => self::SHELF] : $entry;
    }
}
