<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/**
 * What text may hold, wherever it comes in: no control characters (Unicode class Cc), which no keyboard line has, a database
 * may cut, and a terminal may obey. A note may have tabs and line breaks.
 */
final class PlainText
{
    /** @return string|null what is wrong with it, null when nothing is */
    public static function flaw(string $text, bool $isNote = false): ?string
    {
        return match (preg_match($isNote ? '~[^\P{Cc}\t\n\r]~u' : '~\p{Cc}~u', $text)) {
            0 => null,
            1 => $isNote ? 'must have no control characters other than tabs and line breaks' : 'must have no control characters, nor tabs or line breaks',
            default => 'must be text in UTF-8',
        };
    }
}
