<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Says what the shop's prices are in. */
final class CurrencyRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'regex:/^[A-Z]{3}$/D']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.*' => 'must be the code of a currency by ISO 4217, three capital letters: EUR'];
    }

    public function code(): string
    {
        return $this->string('code')->value();
    }
}
