<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\People\Entry;
use Illuminate\Validation\Rule;

/** For requests that come with a link. */
trait BringsLink
{
    /** @return array<string, list<mixed>> */
    private static function linkRules(): array
    {
        return [
            'by' => ['required', Rule::enum(Entry::class)],
            'email' => ['required', 'string', 'max:254'],
            'token' => ['required', 'string', 'max:100'],
        ];
    }

    public function by(): Entry
    {
        return Entry::from($this->string('by')->value());
    }

    public function email(): string
    {
        return mb_strtolower(trim($this->string('email')->value()));
    }

    public function token(): string
    {
        return $this->string('token')->value();
    }
}
