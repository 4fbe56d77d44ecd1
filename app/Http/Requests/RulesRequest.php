<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Foundation\Http\FormRequest;

/** Asks what other house rules would do, on paper or on a day. */
final class RulesRequest extends FormRequest
{
    use NamesDay;

    /** Characters: every rule answered, and room to spare. */
    private const LONGEST = 8_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['rules' => ['required', 'string', 'max:' . self::LONGEST], 'on' => [self::isDay(...)]];
    }

    /** @throws InvalidWorkbook where it is no JSON object */
    public function said(): \stdClass
    {
        $said = json_decode($this->string('rules')->value());

        return $said instanceof \stdClass ? $said : throw new InvalidWorkbook([new Problem('rules', null, 'must be house rules as a JSON object')]);
    }
}
