<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A workbook of 10 MB may have a hundred thousand lines, and an import reads it, the shop, and the shop with it. */
final class RoomForImports
{
    private const MEMORY = '1G';

    /** Of the processor; the wall's clock is that of setup/php-fpm.conf. */
    private const SECONDS = 150;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        ini_set('memory_limit', self::MEMORY);
        set_time_limit(self::SECONDS);

        return $next($request);
    }
}
