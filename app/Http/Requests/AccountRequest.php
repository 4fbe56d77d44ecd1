<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Asks somebody in, or says who an account is and what they may do. */
final class AccountRequest extends FormRequest
{
    use NamesThings;
    use TakesNames;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => self::nameRules(),
            ...$this->isMethod('POST') ? ['email' => self::emailRules()] : [],
            'role' => ['required', Rule::enum(Role::class)],
            'person' => ['nullable', 'string', self::ID],
        ];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->value());
    }

    /** Id of who they are among the people of the shop. */
    public function person(): ?string
    {
        return $this->input('person') === null ? null : $this->string('person')->value();
    }
}
