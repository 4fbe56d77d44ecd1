<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;

/** For requests about a day. */
trait NamesDay
{
    private static function isDay(string $attribute, mixed $value, \Closure $fail): void
    {
        try {
            Day::read($value);
        } catch (Invalid $refused) {
            $fail($attribute . ' ' . $refused->expected . '.');
        }
    }

    /** @return Day|null null where none is named */
    public function day(string $key = 'on'): ?Day
    {
        return $this->has($key) ? Day::read($this->string($key)->value()) : null;
    }

    /** By the clock of the server, which is the shop's. */
    public function today(): Day
    {
        return Day::read(now()->toDateString());
    }
}
