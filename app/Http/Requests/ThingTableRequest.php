<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Listing\ThingHeadings;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
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
     * @param class-string<Wire|Terminal|Tool|Kit|Person|Asset|Line> $class
     *
     * @throws InvalidWorkbook where a column is none of the list, or two say the same
     */
    public function mapping(string $class): Mapping
    {
        return $this->mappingBy(new ThingHeadings($class));
    }
}
