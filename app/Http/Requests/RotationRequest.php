<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks how a class that is drawn goes; the class is the body, from when on and which stations stand in the query. */
final class RotationRequest extends FormRequest
{
    use ListsThings;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['now' => ['integer', 'min:0', 'max:1439'], 'more' => ['string', self::IDS]];
    }

    /** Minutes from the start; null where all of it is planned. */
    public function now(): ?int
    {
        return $this->query('now') === null ? null : (int) $this->query('now');
    }

    /** @return list<string> ids of the stations that are asked about */
    public function more(): array
    {
        return self::split($this->query->getString('more'));
    }

    /** @return array<mixed> */
    public function validationData(): array
    {
        return $this->query->all();
    }
}
