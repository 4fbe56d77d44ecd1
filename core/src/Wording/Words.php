<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

use Gondrik\Core\Reference\Table;

/** The plain word for each name of a closed list (data/words.csv): nobody reads identifiers. */
final class Words
{
    /** The word, or the name itself where the list has none for it. */
    public static function for(string $list, string $name): string
    {
        return self::lists()[$list][$name] ?? $name;
    }

    /** @return array<string, string> a whole list, word by name; none where there is no such list */
    public static function of(string $list): array
    {
        return self::lists()[$list] ?? [];
    }

    public static function counted(int $count, string $one): string
    {
        return $count . ' ' . $one . ($count === 1 ? '' : 's');
    }

    /** @param list<string> $words */
    public static function either(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words) . ' or ' . $last;
    }

    public static function withArticle(string $word): string
    {
        return (in_array(mb_strtolower(mb_substr($word, 0, 1)), ['a', 'e', 'i', 'o', 'u'], true) ? 'an ' : 'a ') . $word;
    }

    /** @return array<string, array<string, string>> words by list and name */
    private static function lists(): array
    {
        static $lists = null;
        if ($lists === null) {
            $lists = [];
            foreach (Table::rows('words') as $row) {
                $lists[$row['list']][$row['value']] = $row['word'];
            }
        }

        return $lists;
    }
}
