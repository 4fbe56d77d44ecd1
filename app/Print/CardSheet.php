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

    private const STEP = 90;

    /**
     * @param list<array<string, mixed>> $cards as CardWriter explains them
     *
     * @return list<list<non-empty-list<array<string, mixed>>>> rows by sheet; what is done alike to both wires of a splice stands once
     */
    public static function sheets(array $cards): array
    {
        $rows = [];
        $open = null;
        foreach ($cards as $card) {
            $card['steps'] = self::together($card['steps'], (array) $card['wires']);
            $room = self::room($card);
            if ($room > self::WIDE) {
                $rows[] = [[...$card, 'set' => 'wide']];
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

    /**
     * @param list<array<string, mixed>> $steps
     * @param array<string, string>      $wires names by id
     *
     * @return list<array<string, mixed>> each with the wires that it is about, where that is not all
     */
    private static function together(array $steps, array $wires): array
    {
        /** @var list<array<string, mixed>> $together */
        $together = [];
        foreach ($steps as $step) {
            $alike = ['op' => 0, 'status' => 0, 'tool' => 0, 'position' => 0, 'text' => 0];
            $last = array_pop($together);
            if ($last !== null && array_intersect_key($last, $alike) === array_intersect_key($step, $alike)) {
                $together[] = array_merge($last, ['of' => []]);
                continue;
            }
            $together = [...$together, ...$last === null ? [] : [$last]];
            $together[] = [...$step, 'of' => count($wires) > 1 && $step['wire'] !== null ? [$wires[$step['wire']] ?? $step['wire']] : []];
        }

        return $together;
    }
}
