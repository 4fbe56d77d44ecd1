<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Planning\Means;
use Illuminate\Foundation\Http\FormRequest;

/** Asks what to do about a kit; lists have a comma between. */
final class PlanRequest extends FormRequest
{
    use AsksInUnits;
    use ListsThings;
    use NamesKit;

    private const MOST_SCOPES = 20;

    private const LARGEST = 1_000_000_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $amount = ['integer', 'min:0', 'max:' . self::LARGEST];

        return [
            'kit' => ['string', self::ID],
            'scopes' => ['required', 'string', self::IDS, self::atMost(self::MOST_SCOPES)],
            'budget' => $amount,
            'mass' => $amount,
            'makeshift' => ['boolean'],
            'with' => ['string', self::IDS],
            'without' => ['string', self::IDS],
            'means' => ['string', 'regex:/^(buy|move|borrow|per-piece)(,(buy|move|borrow|per-piece))*$/D'],
            'months' => ['integer', 'min:1', 'max:120'],
            ...self::unitRules(),
        ];
    }

    /** @return list<Means> that may be used to come to a tool */
    public function means(): array
    {
        return $this->has('means') ? array_map(Means::from(...), array_values(array_unique($this->ids('means')))) : [Means::Buy];
    }

    public function amount(string $key): ?int
    {
        return $this->has($key) ? $this->integer($key) : null;
    }
}
