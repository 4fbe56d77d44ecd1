<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Names a new shop and its first lead. */
final class OpeningRequest extends FormRequest
{
    use SetsPassword;
    use TakesNames;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['shop' => self::nameRules(), 'name' => self::nameRules(), 'email' => self::emailRules(), 'password' => self::passwordRules()];
    }

    public function shopName(): string
    {
        return trim($this->string('shop')->value());
    }
}
