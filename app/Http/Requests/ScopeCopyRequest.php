<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for a copy of a scope under another name. */
final class ScopeCopyRequest extends FormRequest
{
    use NamesThings;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:200'], 'id' => ['required', 'string', self::ID]];
    }

    public function name(): string
    {
        return $this->string('name')->value();
    }

    public function id(): string
    {
        return $this->string('id')->value();
    }
}
