<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/**
 * What text may hold, wherever it comes in: no control characters (Unicode class Cc), which no keyboard line has, a database
 * may cut, and a terminal may obey, and nothing that turns the direction of what stands around it (Unicode Standard Annex 9, explicit
 * formatting), so that a name reads as it is written. A note may have tabs and line breaks.
 */
final class PlainText
{
    /** Embedding, override and isolate; the marks of a script from right to left are none of these. */
    private const TURNING = '~[\x{202A}-\x{202E}\x{2066}-\x{2069}]~u';

    /** @return string|null what is wrong with it, null when nothing is */
    public static function flaw(string $text, bool $isNote = false): ?string
    {
        return match (preg_match($isNote ? '~[^\P{Cc}\t\n\r]~u' : '~\p{Cc}~u', $text)) {
            0 => preg_match(self::TURNING, $text) === 1 ? 'must have nothing that turns the direction of text' : null,
            1 => $isNote ? 'must have no control characters other than tabs and line breaks' : 'must have no control characters, nor tabs or line breaks',
            default => 'must be text in UTF-8',
        };
    }

    /** Whether it is text at all: a table is refused as a whole where a cell is none. */
    public static function isText(string $text): bool
    {
        return preg_match('~[^\P{Cc}\t\n\r]~u', $text) === 0;
    }
}
