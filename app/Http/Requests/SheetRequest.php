<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Sheet\Column;
use Gondrik\Core\Sheet\WorkHeadings;
use Gondrik\Core\Workbook\InvalidWorkbook;
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
        return $this->mappingBy(new WorkHeadings());
    }
}
