<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for set-up cards of a scope with one kit: of one line, or of several to be printed. */
final class CardRequest extends FormRequest
{
    use AsksInUnits;
    use ListsThings;
    use NamesDay;
    use NamesHand;

    /** Cards that are printed or kept at once: some fifty sheets. */
    public const MOST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kit' => ['required', 'string', self::ID],
            'scope' => ['required', 'string', self::ID],
            'line' => ['string', self::ID],
            'at' => ['integer', 'min:1', 'max:1000000'],
            'lines' => ['string', self::IDS, self::atMost(self::MOST)],
            'on' => [self::isDay(...)],
            'hand' => ['string', self::ID],
            ...self::unitRules(),
        ];
    }

    public function kit(): string
    {
        return $this->string('kit')->value();
    }

    public function scope(): string
    {
        return $this->string('scope')->value();
    }

    /** From which place of the scope, counted from 1. */
    public function at(): int
    {
        return $this->integer('at', 1);
    }

    /** Null for the first of the scope. */
    public function line(): ?string
    {
        return $this->has('line') ? $this->string('line')->value() : null;
    }
}
