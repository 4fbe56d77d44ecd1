<?php

declare(strict_types=1);

namespace App\LongQuestions;

/**
 * Whoever waits for an answer that is still computed. That they have gone shows only where something is written to them, so a
 * space is, now and then: before JSON it says nothing (RFC 8259, section 2).
 */
final class Asker
{
    /** Seconds without a word: most answers come within them, with a status and headers of their own. */
    private const QUIET = 1.0;

    private const BEAT = 0.5;

    /**
     * @return \Closure(): bool whether they have gone; under a web server PHP ends the request itself when they have
     */
    public static function ofJson(): \Closure
    {
        $next = microtime(true) + self::QUIET;

        return static function () use (&$next): bool {
            if (PHP_SAPI === 'cli' || microtime(true) < $next) {
                return false;
            }
            $next = microtime(true) + self::BEAT;
            if (!headers_sent()) {
                header('Content-Type: application/json');
                header('Cache-Control: no-cache, private');
            }
            echo ' ';
            if (ob_get_level() > 0) {
                ob_flush();
            }
            flush();

            return connection_aborted() === 1;
        };
    }
}
