<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Entry\Alias;
use Illuminate\Foundation\Http\FormRequest;

/** Says what the shop calls a wire or terminal. */
final class AliasRequest extends FormRequest
{
    use NamesThings;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['about' => ['required', 'string', 'in:wire,terminal'], 'words' => ['required', 'string', 'max:200'], 'id' => ['required', 'string', self::ID]];
    }

    public function alias(): Alias
    {
        return new Alias($this->string('about')->value(), $this->string('words')->value(), $this->string('id')->value());
    }
}
