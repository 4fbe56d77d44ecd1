<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Entry\EntryReader;
use Illuminate\Foundation\Http\FormRequest;

/** Asks what a wire or terminal would be of which only words are known. */
final class ProposalRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['about' => ['required', 'string', 'in:wire,terminal'], 'text' => ['required', 'string', 'max:' . EntryReader::LONGEST]];
    }

    public function isAboutWire(): bool
    {
        return $this->string('about')->value() === 'wire';
    }

    public function text(): string
    {
        return $this->string('text')->value();
    }
}
