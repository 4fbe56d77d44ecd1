<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks whom a link is for. */
final class LinkRequest extends FormRequest
{
    use BringsLink;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::linkRules();
    }
}
