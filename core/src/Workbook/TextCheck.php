<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Value\PlainText;

/** The text of a document or of a request, its keys too, against the one rule of PlainText; and that its numbers are numbers. */
final class TextCheck
{
    /** The key whose text may have several lines. */
    private const NOTE = 'note';

    /**
     * @param \stdClass|array<mixed> $data
     *
     * @return list<Problem>
     */
    public static function problems(\stdClass|array $data): array
    {
        $problems = [];
        self::look($data, '', $problems);

        return $problems;
    }

    /** @param list<Problem> $problems */
    private static function look(mixed $value, string $path, array &$problems): void
    {
        if (is_string($value)) {
            $isNote = str_ends_with('/' . $path, '/' . self::NOTE);
            self::add(PlainText::flaw($value, $isNote), $path, $value, $problems);
        } elseif (is_float($value) && !is_finite($value)) {
            // JSON has none beyond them, but 1e999 is read as one.
            $problems[] = new Problem($path, null, 'must be a number that can be counted with, at most 1.8e308');
        } elseif (is_array($value) || $value instanceof \stdClass) {
            foreach (is_array($value) ? $value : get_object_vars($value) as $key => $member) {
                $place = ($path === '' ? '' : $path . '/') . $key;
                if (is_string($key)) {
                    self::add(PlainText::flaw($key), $place, $key, $problems);
                }
                if (!is_scalar($member) || is_string($member) || is_float($member)) {
                    self::look($member, $place, $problems);
                }
            }
        }
    }

    /** @param list<Problem> $problems */
    private static function add(?string $flaw, string $path, string $value, array &$problems): void
    {
        if ($flaw !== null) {
            $problems[] = new Problem($path, $value, $flaw);
        }
    }
}
