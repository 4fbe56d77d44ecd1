<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Gondrik\Core\Value\PlainText;
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
        $look = static function (mixed $value, string|int $key) use (&$problems): void {
            foreach ([(string) $key, $value] as $text) {
                $flaw = is_string($text) ? PlainText::flaw($text, isNote: $key === 'note') : null;
                if ($flaw !== null) {
                    $problems[mb_scrub((string) $key)] = $flaw;
                }
            }
        };
        $input = $request->input();
        if (is_array($input)) {
            array_walk_recursive($input, $look);
        }
        // A list by another name is walked by its members, so the names of lists are looked at here.
        foreach (array_keys(is_array($input) ? $input : []) as $key) {
            $look('', $key);
        }
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }

        return $next($request);
    }
}
