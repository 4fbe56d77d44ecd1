<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks how things are on a day. */
final class DayRequest extends FormRequest
{
    use NamesDay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['on' => [self::isDay(...)]];
    }
}
