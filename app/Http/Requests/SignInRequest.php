<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:254'], 'password' => ['required', 'string', 'max:1000']];
    }

    public function email(): string
    {
        return mb_strtolower(trim($this->string('email')->value()));
    }

    public function password(): string
    {
        return $this->string('password')->value();
    }
}
