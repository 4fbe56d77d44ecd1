<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Entry\EntryReader;
use Illuminate\Foundation\Http\FormRequest;

/** Asks what a text says of one line of work. */
final class EntryRequest extends FormRequest
{
    use AsksInUnits;
    use NamesKit;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:' . EntryReader::LONGEST], 'kit' => ['string', self::ID], ...self::unitRules()];
    }

    public function text(): string
    {
        return $this->string('text')->value();
    }

}
