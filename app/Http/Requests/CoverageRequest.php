<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for one kit against one scope; the kit as it is, or with some tools more or less. */
final class CoverageRequest extends FormRequest
{
    use AsksInUnits;
    use ListsThings;
    use NamesDay;
    use NamesHand;
    use NamesKit;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kit' => ['string', self::ID], 'scope' => ['required', 'string', self::ID], 'with' => ['string', self::IDS], 'without' => ['string', self::IDS], 'on' => [self::isDay(...)], 'hand' => ['string', self::ID], ...self::unitRules()];
    }

    public function scope(): string
    {
        return $this->string('scope')->value();
    }
}
