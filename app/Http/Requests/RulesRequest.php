<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks what other house rules would do, on paper or on a day. */
final class RulesRequest extends FormRequest
{
    use NamesDay;
    use SupposesRules;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['rules' => ['required', ...self::RULES], 'on' => [self::isDay(...)]];
    }
}
