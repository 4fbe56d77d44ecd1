<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** A name as it is compared with what somebody writes: without capitals, odd signs and words that say nothing. */
final readonly class Name
{
    /** Pieces of a text up to which every stretch of it is looked at. */
    private const MOST_PIECES = 40;

    public static function plain(string $text): string
    {
        $words = preg_split('~\s+~u', str_replace(['²', '×'], ['2', 'x'], mb_strtolower(trim($text)))) ?: [];

        return implode(' ', array_diff($words, Vocabulary::FILLING));
    }

    /**
     * Everything in a text that could be a name, as it is compared.
     *
     * @return list<string> each once; none of a text so long that there would be too many
     */
    public static function in(string $text): array
    {
        $units = Units::of($text);
        $names = [];
        for ($first = 0; count($units) <= self::MOST_PIECES && $first < count($units); $first++) {
            for ($last = $first; $last < count($units); $last++) {
                $names[self::plain(mb_substr($text, $units[$first]->from, $units[$last]->to - $units[$first]->from))] = true;
            }
        }

        return array_values(array_filter(array_map(strval(...), array_keys($names)), static fn(string $name): bool => $name !== ''));
    }
}
