<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Sheets\SheetFile;
use Gondrik\Core\Sheet\Column;
use Gondrik\Core\Sheet\Mapping;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Asks what rows of a table say as lines of work. */
final class SheetRequest extends FormRequest
{
    use AsksInUnits;

    private const UNITS = ['AWG', 'kcmil', 'mm2', 'N·m', 'lbf·in', 'lbf·ft'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rows' => ['required', 'array', 'max:' . SheetFile::MOST_ROWS, $this->areRows(...)],
            'columns' => ['required', 'array', 'list', 'max:' . SheetFile::MOST_COLUMNS],
            'columns.*.index' => ['required', 'integer', 'min:0', 'max:' . (SheetFile::MOST_COLUMNS - 1)],
            'columns.*.says' => ['required', Rule::enum(Column::class)],
            'columns.*.unit' => ['nullable', 'string', Rule::in(self::UNITS)],
            'kit' => ['string', self::ID],
            ...self::unitRules(),
        ];
    }

    /** @throws InvalidWorkbook where two columns say the same */
    public function mapping(): Mapping
    {
        $columns = [];
        foreach ((array) $this->validated('columns') as $column) {
            $columns[(int) $column['index']] = [Column::from($column['says']), $column['unit'] ?? null];
        }
        try {
            return Mapping::of($columns);
        } catch (Invalid $error) {
            throw new InvalidWorkbook([new Problem('columns/' . $error->field, $error->value, $error->expected)]);
        }
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
