<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Changes one's own password: who knows the one that holds. */
final class PasswordRequest extends FormRequest
{
    use SetsPassword;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['current' => ['required', 'string', 'max:1000'], 'password' => self::passwordRules()];
    }

    public function current(): string
    {
        return $this->string('current')->value();
    }
}
