<?php

declare(strict_types=1);

namespace App\Writing;

use Illuminate\Support\Str;

/** An id made of a name, for a thing that came without one. */
final class FreeId
{
    private const LONGEST = 64;

    /** @param \Closure(string): bool $isTaken */
    public static function of(string $name, \Closure $isTaken): string
    {
        $slug = mb_substr(Str::slug(str_replace(['/', '.', ','], '-', $name)), 0, self::LONGEST - 5);
        $stem = $slug === '' ? 'new' : $slug;
        $id = $stem;
        for ($next = 2; $isTaken($id); $next++) {
            $id = $stem . '-' . $next;
        }

        return $id;
    }
}
