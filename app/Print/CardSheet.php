<?php

declare(strict_types=1);

namespace App\Print;

use Gondrik\Core\Wording\LengthUnit;
use Gondrik\Core\Wording\Units;

/**
 * Cards as they are laid out on paper, to be read at arm's length: two to a sheet, one with much to say on a sheet of its own, and
 * two with little beside each other in one half.
 */
final readonly class CardSheet
{
    /** Halves of a sheet. */
    private const HALVES = 2;

    /** Up to so many characters a card goes into a quarter, and into a half; a step takes room beside its words. */
    private const QUARTER = 1300;

    private const HALF = 2700;

    /** From so many on a half is set closer, and a whole sheet too. */
    private const CLOSE = 2230;

    private const LONG = 3040;

    private const STEP = 90;

    /** So is a sign beside its words. */
    private const SIGN = 16;

    private const NARROWEST = 27;

    private const WIDEST = 42;

    /** What is set or must be met, as it is read from afar; what is only looked up stands in the words. */
    private const FIGURES = ['sheathLength', 'stripLength', 'cutLength', 'temperature', 'torque', 'force'];

    /**
     * @param list<array<string, mixed>> $cards as CardWriter explains them
     *
     * @return list<list<non-empty-list<array<string, mixed>>>> rows by sheet; each row is a half, or the whole of it
     */
    public static function sheets(array $cards, Units $units = new Units()): array
    {
        $sheets = [];
        $left = 0;
        $open = null;
        foreach ($cards as $card) {
            $card = [...$card, ...self::laidOut($card, $units)];
            if ($card['set'] === 'quarter' && $open !== null) {
                $sheets[$open[0]][$open[1]][] = $card;
                $open = null;
                continue;
            }
            $takes = str_starts_with($card['set'], 'whole') ? self::HALVES : 1;
            if ($left < $takes) {
                $sheets[] = [];
                $left = self::HALVES;
            }
            $at = count($sheets) - 1;
            $sheets[$at][] = [$card];
            $left -= $takes;
            $open = $card['set'] === 'quarter' ? [$at, count($sheets[$at]) - 1] : null;
        }

        return $sheets;
    }

    /**
     * @param array<string, mixed> $card
     *
     * @return array{set: string, beside: int, figures: list<list<string>>} beside in parts of a hundred of the width
     */
    private static function laidOut(array $card, Units $units): array
    {
        $room = self::room($card);

        return [
            'beside' => self::beside($card, $room),
            'set' => match (true) {
                $room <= self::QUARTER => 'quarter',
                $room <= self::CLOSE => 'half',
                $room <= self::HALF => 'half close',
                $room <= self::LONG => 'whole',
                default => 'whole long',
            },
            'figures' => array_values(array_map(static fn(array $step): array => self::figures((array) $step['settings'], $units), $card['steps'])),
        ];
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return list<string> in the units of whoever prints
     */
    private static function figures(array $settings, Units $units): array
    {
        $said = [];
        foreach (self::FIGURES as $name) {
            $figure = $settings[$name] ?? null;
            if (!is_array($figure) || !is_numeric($figure['value'])) {
                continue;
            }
            $value = (float) $figure['value'];
            $said[] = match ($figure['unit']) {
                'mm' => $units->length->say($value),
                'N' => $units->force->say($value),
                default => LengthUnit::plain($value, 2) . ' ' . $figure['unit'],
            };
        }

        return $said;
    }

    /**
     * How wide what stands beside the steps is: both are to end at about the same height.
     *
     * @param array<string, mixed> $card
     */
    private static function beside(array $card, int $room): int
    {
        $said = mb_strlen(implode(' ', [...(array) $card['lookTexts'], ...(array) $card['cautionTexts']])) + self::SIGN * (count((array) $card['lookTexts']) + count((array) $card['cautionTexts']));

        return max(self::NARROWEST, min(self::WIDEST, (int) round(100 * $said / $room)));
    }

    /** @param array<string, mixed> $card */
    private static function room(array $card): int
    {
        $said = [...array_column($card['steps'], 'text'), ...(array) $card['lookTexts'], ...(array) $card['cautionTexts'], ...array_column($card['checks'], 'text')];

        return mb_strlen(implode(' ', $said)) + self::STEP * count($card['steps']);
    }
}
