<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Says which plan is accepted: what came with it when it was shown. */
final class AcceptanceRequest extends FormRequest
{
    private const LONGEST = 1_000_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['seen' => ['required', 'string', 'max:' . self::LONGEST]];
    }

    public function seal(): string
    {
        return $this->string('seen')->toString();
    }
}
