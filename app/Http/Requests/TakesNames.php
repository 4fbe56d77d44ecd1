<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Value\PlainText;

/** For requests that say what somebody or a shop is called, and at which address somebody comes in. */
trait TakesNames
{
    /** @return list<mixed> */
    private static function nameRules(): array
    {
        return ['required', 'string', 'max:200', static function (string $attribute, mixed $text, \Closure $fail): void {
            $flaw = is_string($text) ? PlainText::flaw($text) : null;
            if ($flaw !== null) {
                $fail($flaw);
            }
        }];
    }

    /** @return list<mixed> */
    private static function emailRules(): array
    {
        return ['required', 'string', 'email', 'max:254'];
    }

    public function name(): string
    {
        return trim($this->string('name')->value());
    }

    public function email(): string
    {
        return mb_strtolower(trim($this->string('email')->value()));
    }
}
