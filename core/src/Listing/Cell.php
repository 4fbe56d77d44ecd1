<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Cells\UnreadCell;
use Gondrik\Core\Entry\Vocabulary;
use Gondrik\Core\Sheet\HandStepText;
use Gondrik\Core\Size\Torque;
use Gondrik\Core\Value\Invalid;

/** Between a value of the workbook and the text of a cell. What is written reads back the same. */
final class Cell
{
    private const YES = ['yes', 'y', 'x', '1', 'true', 'ja', 'j', '✓', '✔'];

    private const NO = ['no', 'n', '0', 'false', 'nein', '-', '–'];

    /** An empty list, where nothing in the cell would be something else. */
    public const NONE = 'none';

    public static function write(CellKind $kind, mixed $value, DecimalSign $sign = DecimalSign::Point): string
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'yes' : 'no',
            is_int($value), is_float($value) => $sign->written(json_encode($value, JSON_THROW_ON_ERROR)),
            $kind === CellKind::Steps && is_array($value) => HandStepText::write(array_values($value)),
            is_array($value) => self::listed(array_map(strval(...), array_values($value))),
            is_string($value) => self::literal($value),
            default => throw new \LogicException('no cell for ' . get_debug_type($value)),
        };
    }

    /** @param list<string> $words */
    private static function listed(array $words): string
    {
        $text = implode('; ', $words);
        $isPlain = !str_starts_with($text, '[') && array_filter($words, static fn(string $word): bool => str_contains($word, ';') || trim($word) !== $word || $word === self::NONE) === [];

        return match (true) {
            $words === [] => self::NONE,
            // What has the mark between them in itself is written as JSON.
            !$isPlain => json_encode($words, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            default => self::literal($text),
        };
    }

    /** Text that stays what it is in a spreadsheet, and can be told from nothing. */
    private static function literal(string $text): string
    {
        return trim($text) === '' || str_starts_with($text, SpreadsheetText::MARK) || SpreadsheetText::isTaken($text) ? SpreadsheetText::MARK . $text : $text;
    }

    /**
     * @param string|null $unit that the head of the column names for numbers without one
     *
     * @return mixed null for nothing said
     *
     * @throws UnreadCell naming what would be right
     */
    public static function read(ListColumn $column, string $text, ?string $unit = null): mixed
    {
        if ($column->kind === CellKind::Text) {
            return trim($text) === '' ? null : (str_starts_with($text, SpreadsheetText::MARK) ? substr($text, 1) : $text);
        }
        if (trim($text) === '') {
            return null;
        }
        if ($column->kind === CellKind::Steps) {
            return HandStepText::read($text);
        }
        $text = trim($text);

        return match ($column->kind) {
            CellKind::Size => self::size($text, $unit),
            CellKind::Word => self::word($column, $text),
            CellKind::Words => self::words($column, $text),
            CellKind::Whole => self::whole($column, $text, $unit),
            CellKind::Number => self::number($column, $text, $unit),
            CellKind::Torque => self::torque($column, $text, $unit),
            CellKind::YesNo => self::yesOrNo($text),
        };
    }

    /** Numbers alone get the unit that the head names. */
    private static function size(string $text, ?string $unit): string
    {
        $side = '(?:[1-4]/0|\d+(?:[.,]\d+)?)';

        return $unit !== null && preg_match('~^' . $side . '(?:\s*(?:-|–|to)\s*' . $side . ')?$~uD', $text) === 1 ? $text . ' ' . $unit : $text;
    }

    private static function word(ListColumn $column, string $text): string
    {
        $plain = mb_strtolower($text);
        $hyphened = (string) preg_replace('~[\s_]+~u', '-', $plain);
        $meaning = Vocabulary::meaning($plain);

        return match (true) {
            $column->words === [], in_array($hyphened, $column->words, true) => $hyphened,
            $meaning !== null && in_array($meaning->value, $column->words, true) => $meaning->value,
            default => throw new UnreadCell($text, 'one of: ' . implode(', ', $column->words)),
        };
    }

    /** @return list<string> */
    private static function words(ListColumn $column, string $text): array
    {
        if ($text === self::NONE) {
            return [];
        }
        $isFree = $column->words === [];
        $json = $isFree && str_starts_with($text, '[') ? json_decode($text, true) : null;
        if (is_array($json) && array_is_list($json) && array_filter($json, is_string(...)) === $json) {
            return $json;
        }
        $text = str_starts_with($text, SpreadsheetText::MARK) ? substr($text, 1) : $text;
        $parts = preg_split($isFree ? '~\s*;\s*~u' : '~\s*[;,/+\n]\s*~u', $text, flags: PREG_SPLIT_NO_EMPTY) ?: [];

        return $isFree ? $parts : array_map(static fn(string $part): string => self::word($column, $part), $parts);
    }

    private static function number(ListColumn $column, string $text, ?string $unit): float
    {
        $expected = $column->dimension?->example() ?? 'a number';
        // A nought before it parts no thousands.
        if (preg_match('~[1-9]\d*,\d{3}(?!\d)~', $text) === 1) {
            throw new UnreadCell($text, 'a number without a comma before three digits: is it a decimal comma, or does it part thousands?');
        }
        $symbol = '[^\d\s.,+-][^\d]*';
        if (preg_match('~^(?<before>[€$£])?\s*(?<sign>[-−–+]?)(?<number>\d+(?:[.,]\d+)?(?:e[-+]?\d+)?)\s*(?<unit>' . $symbol . ')?$~uDi', $text, $part) !== 1) {
            throw new UnreadCell($text, $expected);
        }
        $number = (float) str_replace(',', '.', $part['number']) * (in_array($part['sign'], ['-', '−', '–'], true) ? -1 : 1);
        if (!is_finite($number)) {
            throw new UnreadCell($text, $expected);
        }
        $stated = self::unit($part['unit'] ?? ($part['before'] !== '' ? $part['before'] : (string) $unit));
        if ($stated === '') {
            return $number;
        }
        $factor = $column->dimension?->factor($stated) ?? throw new UnreadCell($text, $expected);

        // What is converted gets no more digits than a hand can measure.
        return $factor === 1.0 ? $number : round($number * $factor, 6);
    }

    /** In pounds it stays as it was written. */
    private static function torque(ListColumn $column, string $text, ?string $unit): float|string
    {
        $figure = self::number($column, $text, $unit);
        try {
            return Torque::parse(is_numeric(str_replace(',', '.', $text)) && $unit !== null ? $text . ' ' . $unit : $text)->plain();
        } catch (Invalid) {
            return $figure;
        }
    }

    private static function unit(string $text): string
    {
        return (string) preg_replace('~[\s·*.]~u', '', mb_strtolower(trim($text)));
    }

    private static function whole(ListColumn $column, string $text, ?string $unit): int
    {
        $number = self::number($column, $text, $unit);
        if (abs($number - round($number)) > 1e-6 || abs($number) > 1e15) {
            throw new UnreadCell($text, $column->dimension === Dimension::Money ? 'whole cents; for an amount name the column as one in the currency' : 'a whole number');
        }

        return (int) round($number);
    }

    private static function yesOrNo(string $text): bool
    {
        $word = mb_strtolower($text);

        return match (true) {
            in_array($word, self::YES, true) => true,
            in_array($word, self::NO, true) => false,
            default => throw new UnreadCell($text, 'yes or no'),
        };
    }
}
