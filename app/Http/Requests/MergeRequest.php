<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for a wire, terminal or tool to be merged into another. */
final class MergeRequest extends FormRequest
{
    use NamesThings;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['into' => ['required', 'string', self::ID]];
    }

    public function into(): string
    {
        return $this->string('into')->value();
    }
}
