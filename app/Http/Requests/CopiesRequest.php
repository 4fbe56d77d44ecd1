<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Copies of a kit that are brought into line with it. */
final class CopiesRequest extends FormRequest
{
    use NamesThings;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kits' => ['required', 'array', 'max:1000'], 'kits.*' => ['string', self::ID], 'withoutMore' => ['boolean']];
    }

    /** @return list<string> */
    public function kits(): array
    {
        /** @var list<string> */
        return array_values($this->array('kits'));
    }
}
