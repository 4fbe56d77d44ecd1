<?php

declare(strict_types=1);

namespace App\Http\Requests;

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
    use NamesKit;
    use BringsRows;

    private const UNITS = ['AWG', 'kcmil', 'mm2', 'N·m', 'lbf·in', 'lbf·ft'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->rowRules(),
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
}
