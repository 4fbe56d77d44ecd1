<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Sheets\SheetFile;
use Gondrik\Core\Cells\Headings;
use Gondrik\Core\Cells\MappedColumn;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;

/** For requests that bring rows of a table and say what its columns mean. */
trait BringsRows
{
    /** @return array<string, list<mixed>> */
    private function rowRules(): array
    {
        return [
            'rows' => ['required', 'array', 'max:' . SheetFile::MOST_ROWS, $this->areRows(...)],
            'columns' => ['required', 'array', 'list', 'max:' . SheetFile::MOST_COLUMNS],
            'columns.*.index' => ['required', 'integer', 'min:0', 'max:' . (SheetFile::MOST_COLUMNS - 1)],
        ];
    }

    /** @return array<int, list<string>> by their place in the table */
    public function rows(): array
    {
        $rows = [];
        foreach ((array) $this->input('rows') as $place => $cells) {
            $rows[(int) $place] = array_map(static fn(mixed $cell): string => (string) $cell, array_values((array) $cells));
        }

        return $rows;
    }

    /** @throws InvalidWorkbook where a column says nothing that is known, or two say the same */
    private function mappingBy(Headings $headings): Mapping
    {
        try {
            return Mapping::of($headings, array_values(array_map(
                static fn(array $column): MappedColumn => new MappedColumn((int) $column['index'], $column['says'], $column['unit'] ?? null),
                (array) $this->validated('columns'),
            )));
        } catch (Invalid $error) {
            throw new InvalidWorkbook([new Problem('columns/' . $error->field, $error->value, $error->expected)]);
        }
    }

    /** Twenty thousand rows are not told cell by cell to the validator. */
    private function areRows(string $attribute, mixed $rows, \Closure $fail): void
    {
        foreach (is_array($rows) ? $rows : [] as $place => $cells) {
            if (!is_array($cells) || count($cells) > SheetFile::MOST_COLUMNS || preg_match('~^\d{1,6}$~', (string) $place) !== 1) {
                $fail('Each row is a list of at most ' . SheetFile::MOST_COLUMNS . ' cells.');

                return;
            }
            foreach ($cells as $cell) {
                if (!is_string($cell) && $cell !== null) {
                    $fail('Each cell is text.');

                    return;
                }
                if (mb_strlen((string) $cell) > SheetFile::LONGEST) {
                    $fail('Each cell has at most ' . SheetFile::LONGEST . ' characters.');

                    return;
                }
            }
        }
    }
}
