<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** What somebody looks for, in whatever words: each part with all that it may stand under. */
final class SoughtWords
{
    /** What a thing is called by one feature: "spade" is found under "fork", "quick connect" under "push-on female". */
    private const NAMED_BY = ['class', 'shape', 'insulation', 'construction'];

    /**
     * "blue spades M5" is blue; spades, spade or fork; and M5.
     *
     * @return list<non-empty-list<string>> for each part, in small letters, what one of must be there
     */
    public static function of(string $text): array
    {
        $text = mb_strtolower(trim($text));
        preg_match_all('~(?<![\w-])(?:' . Vocabulary::phrases() . ')(?![\w-])|[^\s,;]+~u', $text, $found);
        $parts = [];
        foreach ($found[0] as $words) {
            $plain = (string) preg_replace('~\s+~u', ' ', $words);
            if (in_array($plain, Vocabulary::FILLING, true)) {
                continue;
            }
            $meaning = Vocabulary::meaning($plain);
            $parts[] = array_values(array_unique([
                $plain,
                Vocabulary::singular($plain),
                ...str_contains($plain, '²') ? [str_replace('²', '2', $plain)] : [],
                ...$meaning !== null && in_array($meaning->about, self::NAMED_BY, true) ? [$meaning->value] : [],
            ]));
        }

        return $parts;
    }

    /**
     * Whether a text has every part.
     *
     * @param list<non-empty-list<string>> $parts
     */
    public static function isIn(string $text, array $parts): bool
    {
        $text = mb_strtolower($text);
        foreach ($parts as $any) {
            if (array_filter($any, static fn(string $words): bool => str_contains($text, $words)) === []) {
                return false;
            }
        }

        return true;
    }
}
