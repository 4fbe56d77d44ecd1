<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** May say what a thing costs, in cents. */
final class PriceRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['price' => ['integer', 'min:0', 'max:1000000000000']];
    }

    public function price(): ?int
    {
        return $this->has('price') ? $this->integer('price') : null;
    }
}
