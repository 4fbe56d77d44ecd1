<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Names what was pulled: a wire, a terminal, a nest. */
final class ComparedRequest extends FormRequest
{
    use NamesDay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['wire' => ['required', 'string', 'max:64'], 'terminal' => ['string', 'max:64'], 'nest' => ['string', 'max:64']];
    }

    /** Its id. */
    public function wire(): string
    {
        return $this->string('wire')->value();
    }

    /** Its id; null for none. */
    public function terminal(): ?string
    {
        return $this->has('terminal') ? $this->string('terminal')->value() : null;
    }

    /** Its label; null for none. */
    public function nest(): ?string
    {
        return $this->has('nest') ? $this->string('nest')->value() : null;
    }
}
