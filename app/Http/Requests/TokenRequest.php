<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

/** Makes a token for a script, named so that one knows it again, with its last day. */
final class TokenRequest extends FormRequest
{
    use NamesDay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:100'], 'until' => ['nullable', self::isDay(...), 'after_or_equal:today']];
    }

    public function name(): string
    {
        return trim($this->string('name')->value());
    }

    /** The end of its last day; null for one that does not end by itself. */
    public function until(): ?Carbon
    {
        return $this->input('until') === null ? null : Carbon::parse($this->string('until')->value())->endOfDay();
    }
}
