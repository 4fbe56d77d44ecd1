<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks what breaks while some people are away. */
final class AbsenceRequest extends FormRequest
{
    use ListsThings;
    use NamesDay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['people' => ['string', self::IDS], 'from' => [self::isDay(...)], 'to' => [self::isDay(...)]];
    }
}
