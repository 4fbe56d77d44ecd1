<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for the lines of another scope to be taken in. */
final class ScopeMergeRequest extends FormRequest
{
    use NamesThings;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['scope' => ['required', 'string', self::ID]];
    }

    public function other(): string
    {
        return $this->string('scope')->value();
    }
}
