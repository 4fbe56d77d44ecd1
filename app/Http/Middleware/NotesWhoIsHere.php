<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** When somebody was last here: written once in a while, since most requests only read. */
final class NotesWhoIsHere
{
    private const MINUTES = 5;

    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && ($user->last_seen_at === null || $user->last_seen_at->lessThan(now()->subMinutes(self::MINUTES)))) {
            // A full disk is no reason not to read.
            rescue(static fn() => User::query()->whereKey($user->id)->toBase()->update(['last_seen_at' => now()]), report: false);
        }

        return $next($request);
    }
}
