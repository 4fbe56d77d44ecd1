<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Gondrik\Core\Workbook\TextCheck;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** No text with control characters, or that is no text at all, goes further than this. Files are looked at by the codec. */
final class RefuseControlCharacters
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $problems = [];
        foreach (TextCheck::problems((array) $request->input()) as $problem) {
            $problems[mb_scrub($problem->path)] = $problem->expected;
        }
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }

        return $next($request);
    }
}
