<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** For requests about things of the shop by their ids. */
trait NamesThings
{
    /** An id as the workbook writes it: what is none, is none of the shop's, and never reaches the database. */
    private const ID = 'regex:/^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$/D';

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['regex' => 'The :attribute must be an id: letters, digits, dots, hyphens and underscores, 64 at most.'];
    }
}
