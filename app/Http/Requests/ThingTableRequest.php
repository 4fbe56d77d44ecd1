<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Listing\ListMapping;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Foundation\Http\FormRequest;

/** Asks what rows of a table say as wires, terminals, tools or kits. */
final class ThingTableRequest extends FormRequest
{
    use BringsRows;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->rowRules(),
            'columns.*.says' => ['required', 'string', 'max:64'],
            'columns.*.unit' => ['nullable', 'string', 'max:16'],
        ];
    }

    /**
     * @param class-string<Wire|Terminal|Tool|Kit|Line> $class
     *
     * @throws InvalidWorkbook where a column is none of the list, or two say the same
     */
    public function mapping(string $class): ListMapping
    {
        $columns = [];
        foreach ((array) $this->validated('columns') as $column) {
            $columns[(int) $column['index']] = ['says' => $column['says'], 'unit' => $column['unit'] ?? null];
        }
        try {
            return ListMapping::of($class, $columns);
        } catch (Invalid $error) {
            throw new InvalidWorkbook([new Problem('columns/' . $error->field, $error->value, $error->expected)]);
        }
    }
}
