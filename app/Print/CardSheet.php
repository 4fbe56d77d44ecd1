<?php

declare(strict_types=1);

namespace App\Print;

/** Cards as they are laid out on paper: two rows to a sheet, two cards to a row; one with much to say has a row to itself. */
final readonly class CardSheet
{
    private const ROWS = 2;

    /** From so many characters on a card is set smaller, or takes the whole row; a step takes room beside its words. */
    private const SMALL = 2200;

    private const WIDE = 2750;

    /** From here on a card is set smaller in its own row, too. */
    private const LONG = 3800;

    private const STEP = 90;

    /**
     * @param list<array<string, mixed>> $cards as CardWriter explains them
     *
     * @return list<list<non-empty-list<array<string, mixed>>>> rows by sheet
     */
    public static function sheets(array $cards): array
    {
        $rows = [];
        $open = null;
        foreach ($cards as $card) {
            $card['looksAt'] = array_search('look', array_column($card['steps'], 'op'), true);
            $room = self::room($card);
            if ($room > self::WIDE) {
                $rows[] = [[...$card, 'set' => $room > self::LONG ? 'wide small' : 'wide']];
                continue;
            }
            $card['set'] = $room > self::SMALL ? 'small' : '';
            if ($open === null) {
                $open = count($rows);
                $rows[] = [$card];
            } else {
                $rows[$open][] = $card;
                $open = null;
            }
        }

        return array_chunk($rows, self::ROWS);
    }

    /** @param array<string, mixed> $card */
    private static function room(array $card): int
    {
        $said = [...array_column($card['steps'], 'text'), ...(array) $card['lookTexts'], ...(array) $card['cautionTexts'], ...array_column($card['checks'], 'text')];

        return mb_strlen(implode(' ', $said)) + self::STEP * count($card['steps']);
    }
}
