<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Print\LabelSheet;
use Illuminate\Foundation\Http\FormRequest;

/** Asks for labels of things by their tags; without a tag for all. */
final class LabelsRequest extends FormRequest
{
    use ListsThings;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['tags' => ['string', self::IDS], 'skip' => ['integer', 'min:0', 'max:' . LabelSheet::LABELS - 1]];
    }

    public function skip(): int
    {
        return $this->integer('skip');
    }
}
