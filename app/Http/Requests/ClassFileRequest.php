<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for the timetable of a class as a file: of all, or of one person or station; for a calendar on which day. */
final class ClassFileRequest extends FormRequest
{
    use NamesDay;
    use NamesThings;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['of' => ['string', self::ID], 'sheets' => ['in:people,stations'], 'on' => [self::isDay(...)]];
    }

    public function of(): ?string
    {
        return $this->has('of') ? $this->string('of')->value() : null;
    }
}
