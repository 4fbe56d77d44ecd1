<?php

declare(strict_types=1);

namespace App\Writing;

use Illuminate\Support\Str;

/** The id of an entry that the shop writes down: no two are alike, and later ones sort behind earlier ones. */
final class EntryId
{
    public static function next(): string
    {
        return strtolower((string) Str::ulid());
    }
}
