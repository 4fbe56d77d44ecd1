<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for a page of the history, the newest first. */
final class HistoryRequest extends FormRequest
{
    private const USUAL = 50;

    private const MOST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'before' => ['integer', 'min:1', 'max:' . PHP_INT_MAX],
            'about' => ['string', 'max:300', 'regex:~^[a-z-]+(?:/[A-Za-z0-9][A-Za-z0-9._-]{0,63}){1,2}$~D'],
            'most' => ['integer', 'min:1', 'max:' . self::MOST],
        ];
    }

    public function most(): int
    {
        return $this->integer('most', self::USUAL);
    }

    public function before(): ?int
    {
        return $this->has('before') ? $this->integer('before') : null;
    }

    public function about(): ?string
    {
        return $this->has('about') ? $this->string('about')->value() : null;
    }
}
