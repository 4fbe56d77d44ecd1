<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for a page of a list; where it goes on, the answer before has said (cursor). */
final class PageRequest extends FormRequest
{
    private const USUAL = 50;

    private const MOST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'search' => ['nullable', 'string', 'max:200'],
            'sort' => ['string', 'in:place,-place,name,-name'],
            'most' => ['integer', 'min:1', 'max:' . self::MOST],
            'cursor' => ['string', 'max:1000'],
        ];
    }

    public function most(): int
    {
        return $this->integer('most', self::USUAL);
    }

    public function search(): ?string
    {
        return $this->has('search') ? $this->string('search')->value() : null;
    }

    public function sort(): string
    {
        return $this->string('sort', 'place')->value();
    }
}
