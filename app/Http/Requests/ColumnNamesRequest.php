<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Sheets\SheetFile;
use Gondrik\Core\Sheet\Column;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Says what the names over the columns of a table mean in this shop. */
final class ColumnNamesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'columns' => ['required', 'array', 'list', 'max:' . SheetFile::MOST_COLUMNS],
            'columns.*.name' => ['required', 'string', 'max:200'],
            'columns.*.says' => ['nullable', Rule::enum(Column::class)],
        ];
    }

    /** @return array<string, Column|null> by name; null says nothing */
    public function columns(): array
    {
        $columns = [];
        foreach ((array) $this->validated('columns') as $column) {
            $columns[(string) $column['name']] = isset($column['says']) ? Column::from($column['says']) : null;
        }

        return $columns;
    }
}
