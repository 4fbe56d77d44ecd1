<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Says that something has arrived, or has not after all. */
final class ArrivalRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['arrived' => ['required', 'boolean']];
    }

    public function hasArrived(): bool
    {
        return $this->boolean('arrived');
    }
}
