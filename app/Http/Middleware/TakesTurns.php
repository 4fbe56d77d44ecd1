<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\LongQuestions\Modesty;
use App\LongQuestions\Turn;
use App\LongQuestions\Waits;
use App\Models\User;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** For what may take long: in its turn, and by workers of its own (setup/nginx.conf says which; a test holds the two together). */
final class TakesTurns
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $person = $request->user();
        assert($person instanceof User);
        Modesty::of();
        $turn = Turn::of($person->id, $person->shop_id) ?? throw new Waits();
        try {
            return $next($request);
        } finally {
            $turn->end();
        }
    }
}
