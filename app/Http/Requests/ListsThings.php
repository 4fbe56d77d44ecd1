<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** For requests that name several things at once, with a comma between. */
trait ListsThings
{
    private const IDS = 'regex:/^[A-Za-z0-9][A-Za-z0-9._-]{0,63}(,[A-Za-z0-9][A-Za-z0-9._-]{0,63}){0,499}$/D';

    /** @return list<string> each once */
    public function ids(string $key): array
    {
        return self::split($this->string($key)->value());
    }

    /** @return list<string> each once */
    private static function split(string $ids): array
    {
        return $ids === '' ? [] : array_values(array_unique(explode(',', $ids)));
    }

    private static function atMost(int $most): \Closure
    {
        return static function (string $key, mixed $value, \Closure $fail) use ($most): void {
            if (is_string($value) && substr_count($value, ',') >= $most) {
                $fail('At most ' . $most . ' ' . $key . ' at once.');
            }
        };
    }
}
