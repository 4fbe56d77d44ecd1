<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for all kits against all scopes: on paper or on a day, in somebody's hands or nobody's in particular. */
final class MatrixRequest extends FormRequest
{
    use NamesDay;
    use NamesHand;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['on' => [self::isDay(...)], 'hand' => ['string', self::ID]];
    }
}
