<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks a gauge for one pull. */
final class PullRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isName = ['required', 'string', 'regex:/^[A-Za-z0-9-]{8,40}$/'];

        return ['test' => $isName, 'by' => $isName];
    }

    /** A name that no other pull has. */
    public function test(): string
    {
        return $this->string('test')->value();
    }

    /** Of whoever asks; nobody else knows it. */
    public function by(): string
    {
        return $this->string('by')->value();
    }
}
