<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

/**
 * What a spreadsheet would run instead of show: a cell that begins with the sign of a formula, whoever wrote it (OWASP, CSV
 * Injection). Every table that leaves goes through here, and Cell reads the mark back.
 */
final class SpreadsheetText
{
    /** Signs of a formula, their full-width sisters, and what a spreadsheet skips before one. */
    private const TAKEN = '~^[=+\-@\t\r\n＝＋－＠]~u';

    public const MARK = "'";

    public static function isTaken(string $text): bool
    {
        return preg_match(self::TAKEN, $text) === 1;
    }

    /** Text that stays what it is; a number is one, whatever its sign. */
    public static function guarded(string $text): string
    {
        return self::isTaken($text) && !is_numeric($text) ? self::MARK . $text : $text;
    }
}
