<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Comes in by a link, with a password of one's own from now on. */
final class EntranceRequest extends FormRequest
{
    use BringsLink;
    use SetsPassword;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::linkRules(), 'password' => self::passwordRules()];
    }
}
