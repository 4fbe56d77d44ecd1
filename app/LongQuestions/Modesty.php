<?php

declare(strict_types=1);

namespace App\LongQuestions;

/** Workers for long questions take the processor only as far as pages leave it. Once for the life of a worker. */
final class Modesty
{
    /** Of nice(2): at ten, a page that wants the processor gets about nine times as much of it. */
    private const NICE = 10;

    /** The place of the nice value behind the name of the program, proc(5). */
    private const FIELD = 16;

    public static function of(): void
    {
        if (getenv('GONDRIK_WORKERS') === 'long' && self::present() < self::NICE) {
            proc_nice(self::NICE);
        }
    }

    private static function present(): int
    {
        $stat = (string) file_get_contents('/proc/self/stat');

        return (int) (explode(' ', substr($stat, (int) strrpos($stat, ')') + 2))[self::FIELD] ?? 0);
    }
}
