<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Names things of the built-in catalogue, each once. */
final class ShelfRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['ids' => ['required', 'array', 'list', 'max:500'], 'ids.*' => ['required', 'string', 'distinct']];
    }

    /** @return non-empty-list<string> */
    public function ids(): array
    {
        /** @var non-empty-list<string> */
        return $this->validated('ids');
    }
}
