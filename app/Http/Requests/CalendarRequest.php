<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks what a kit covers of a scope from day to day. */
final class CalendarRequest extends FormRequest
{
    use NamesDay;
    use NamesKit;

    private const MOST_DAYS = 800;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kit' => ['required', 'string', self::ID], 'scope' => ['required', 'string', self::ID], 'from' => [self::isDay(...)], 'days' => ['integer', 'min:1', 'max:' . self::MOST_DAYS]];
    }

    public function days(): int
    {
        return $this->integer('days', 365);
    }
}
