<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks what a draft would do; the draft is the body, the units stand in the query. */
final class TrialRequest extends FormRequest
{
    use AsksInUnits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::unitRules(), 'shape' => ['in:known']];
    }

    /** It was tried before, and only its sizes are others: its shape need not be looked at again. */
    public function isShapeKnown(): bool
    {
        return $this->query('shape') === 'known';
    }

    /** @return array<mixed> */
    public function validationData(): array
    {
        return $this->query->all();
    }
}
