<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rules\Password;

/** For requests that set a password. */
trait SetsPassword
{
    /** @return list<mixed> long rather than odd, and no longer than is taken into account */
    private static function passwordRules(): array
    {
        return ['required', 'string', Password::min(10), 'max:72'];
    }

    public function password(): string
    {
        return $this->string('password')->value();
    }
}
