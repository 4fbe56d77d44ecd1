<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rules\Password;

/** For requests that set a password. */
trait SetsPassword
{
    private const LEAST = 10;

    private const MOST = 72;

    /** @return list<mixed> long rather than odd, and no longer than is taken into account */
    private static function passwordRules(): array
    {
        return ['required', 'string', Password::min(self::LEAST), static function (string $attribute, mixed $text, \Closure $fail): void {
            // Bytes: what stands behind them would be taken into account by nobody.
            if (is_string($text) && strlen($text) > self::MOST) {
                $fail('must be shorter: ' . self::MOST . ' letters, of which those that are not plain count twice or more');
            }
        }];
    }

    public function password(): string
    {
        return $this->string('password')->value();
    }
}
