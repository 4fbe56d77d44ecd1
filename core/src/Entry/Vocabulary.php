<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Reference\Table;

/** The words of the trade and their usual short forms, from data/entry-words.csv. */
final class Vocabulary
{
    /** Words between the others that say nothing. */
    public const FILLING = ['of', 'the', 'a', 'an', 'and', 'with', 'at', 'for', 'pcs', 'pieces'];

    /** @return array<string, Meaning> by the words in small letters */
    public static function meanings(): array
    {
        static $meanings = null;
        if ($meanings === null) {
            $meanings = [];
            foreach (Table::rows('entry-words') as $row) {
                $meanings[$row['words']] = new Meaning($row['about'], $row['value']);
            }
        }

        return $meanings;
    }

    public static function meaning(string $word): ?Meaning
    {
        return self::meanings()[$word] ?? self::meanings()[self::singular($word)] ?? null;
    }

    /** ferrules, lugs, splices: as things are named. */
    public static function singular(string $word): string
    {
        return mb_strlen($word) > 3 && str_ends_with($word, 's') && !str_ends_with($word, 'ss') ? mb_substr($word, 0, -1) : $word;
    }

    /** Phrases of several words, of one thing or of several, longest first, as one pattern. */
    public static function phrases(): string
    {
        static $pattern = null;
        if ($pattern === null) {
            $phrases = array_values(array_filter(array_keys(self::meanings()), static fn(string $words): bool => preg_match('~[ /-]~', $words) === 1));
            usort($phrases, static fn(string $one, string $other): int => strlen($other) <=> strlen($one));
            $pattern = implode('|', array_map(static fn(string $words): string => str_replace(' ', '\s+', preg_quote($words, '~')) . 's?', $phrases));
        }

        return $pattern;
    }
}
