<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Wording\ForceUnit;
use Gondrik\Core\Wording\LengthUnit;
use Gondrik\Core\Wording\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Asks what a text says of one line of work. */
final class EntryRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:' . EntryReader::LONGEST],
            'kit' => ['string', CoverageRequest::ID],
            'length' => [Rule::enum(LengthUnit::class)],
            'force' => [Rule::enum(ForceUnit::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['regex' => CoverageRequest::ID_SENTENCE];
    }

    public function text(): string
    {
        return $this->string('text')->value();
    }

    public function kit(): ?string
    {
        return $this->has('kit') ? $this->string('kit')->value() : null;
    }

    /** In which sentences speak. */
    public function units(): Units
    {
        return new Units(
            $this->enum('length', LengthUnit::class) ?? LengthUnit::Millimetre,
            $this->enum('force', ForceUnit::class) ?? ForceUnit::Newton,
        );
    }
}
