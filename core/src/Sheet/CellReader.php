<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

use Gondrik\Core\Cells\UnreadCell;
use Gondrik\Core\Entry\EndReading;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Entry\Meaning;
use Gondrik\Core\Entry\UnitKind;
use Gondrik\Core\Entry\Units;
use Gondrik\Core\Entry\Vocabulary;
use Gondrik\Core\Scope\Clamp;
use Gondrik\Core\Size\Torque;
use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Value\Invalid;

/**
 * Reads one cell of a table, typed or pasted, as what its column says: sizes, words and figures as an entry has them.
 *
 * What is read are keys of a line as the workbook writes it (torque in N·m, temperatures in °C), null for "as by default".
 */
final class CellReader
{
    private const MOST = 1_000_000;

    private const YES = ['yes', 'y', 'x', '1', 'true', 'ja', 'j', '✓', '✔', 'on'];

    private const NO = ['no', 'n', '0', 'false', 'nein', '-', '–', 'off'];

    /** @var array<string, EndReading> by what it is about and its words: a table says the same many times */
    private array $read = [];

    public function __construct(private readonly EntryReader $entries) {}

    /**
     * @param string|null $unit that the head of the column names for numbers without one
     * @param string|null $wire id of the wire that goes into a terminal
     *
     * @return array<string, string|int|float|true|list<\stdClass>|null> keys of the line; a wire's or terminal's cell may say more than one
     *
     * @throws UnreadCell naming what would be right
     */
    public function read(Column $column, string $text, ?string $unit = null, ?string $wire = null): array
    {
        $text = trim($text);
        if ($column === Column::Note) {
            return ['note' => $text === '' ? null : $text];
        }
        if ($text === '') {
            return $column->isKey() ? [$column->value => null] : [];
        }
        if ($column->isYesOrNo()) {
            return [$column->value => self::isYes($column, $text) ? true : null];
        }

        return match ($column) {
            Column::Wire, Column::WireB => $this->end($column->value, $text, $unit),
            Column::Terminal, Column::TerminalFrom, Column::TerminalTo => $this->end('terminal', $text, $unit, wire: $wire),
            Column::Quantity, Column::WiresInBarrel => [$column->value => self::count($text)],
            Column::Torque => ['torque' => self::torque($text, $unit ?? 'N·m')],
            Column::Ambient, Column::Temperature => [$column->value => self::temperature($text)],
            Column::Prep, Column::Place, Column::Access => [$column->value => self::word($column, $text)],
            Column::Sleeve => ['sleeve' => self::sleeve($text)],
            Column::Clamp => ['clamp' => Clamp::tryFrom(mb_strtolower($text))->value ?? throw new UnreadCell($text, 'a clamp: ' . self::listed(array_column(Clamp::cases(), 'value')))],
            Column::Stud => ['stud' => self::stud($text)],
            Column::Shear => ['shear' => $text],
            Column::Add, Column::Drop => [$column->value => HandStepText::read($text)],
            default => [],
        };
    }

    /**
     * @param string|null $narrower one word more that may decide between several
     * @param string|null $wire     id of the wire that goes into a terminal
     *
     * @return array<string, string|int|float|true|null>
     *
     * @throws UnreadCell
     */
    public function end(string $about, string $text, ?string $unit = null, ?string $narrower = null, ?string $wire = null): array
    {
        if ($unit !== null && preg_match('~^\d+(?:[.,]\d+)?$|^[1-4]/0$~D', $text) === 1) {
            $text .= ' ' . $unit;
        }
        $reading = $this->phrase($about, $text, $wire);
        if ($reading->id === null && count($reading->candidates) > 1 && $narrower !== null) {
            $closer = $this->phrase($about, $text . ' ' . $narrower);
            $reading = $closer->id !== null && $closer->unknown === [] ? $closer : $reading;
        }
        $noun = $about === 'terminal' ? 'terminal' : 'wire';
        if ($reading->readings !== []) {
            throw new UnreadCell($text, 'one of the two: ' . implode(' or ', $reading->readings), $about, $reading->candidates);
        }
        if ($reading->candidates !== []) {
            throw new UnreadCell($text, 'one ' . $noun . ': several are meant by it', $about, $reading->candidates);
        }
        if ($reading->id === null) {
            throw new UnreadCell($text, 'a ' . $noun . ' that the shop has', $about);
        }
        if ($reading->unknown !== []) {
            throw new UnreadCell($text, 'words that are known; "' . implode('", "', $reading->unknown) . '" says nothing of a ' . $noun, $about, [$reading->id]);
        }

        return [$about => $reading->id, ...$reading->said];
    }

    private function phrase(string $about, string $text, ?string $wire = null): EndReading
    {
        return $this->read[$about . '|' . $wire . '|' . $text] ??= $this->entries->end($about, $text, $wire);
    }

    private static function isYes(Column $column, string $text): bool
    {
        $word = mb_strtolower($text);
        $meaning = Vocabulary::meaning($word);

        return match (true) {
            in_array($word, self::YES, true), $meaning?->about === $column->value => true,
            in_array($word, self::NO, true) => false,
            default => throw new UnreadCell($text, 'yes or no'),
        };
    }

    private static function count(string $text): int
    {
        if (preg_match('~^(?:[×x*]\s*)?(\d{1,7})(?:\.0+)?\s*(?:[×x*]|pcs\.?|pc\.?|pieces)?$~iuD', $text, $found) !== 1 || (int) $found[1] < 1 || (int) $found[1] > self::MOST) {
            throw new UnreadCell($text, 'a whole number from 1 to 1000000');
        }

        return (int) $found[1];
    }

    /** @return float|string in N·m; in pounds as it was written */
    private static function torque(string $text, string $unit): float|string
    {
        try {
            return Torque::parse(self::with($unit, $text))->plain();
        } catch (Invalid) {
            throw new UnreadCell($text, 'a torque, like 1.2 N·m or 15 lbf·in');
        }
    }

    /** A number alone gets the unit. */
    private static function with(string $unit, string $text): string
    {
        return preg_match('~^[-−–+]?\d+(?:[.,]\d+)?$~uD', $text) === 1 ? $text . ' ' . $unit : $text;
    }

    private static function temperature(string $text): float
    {
        $units = Units::of(self::with('°C', $text));
        if (count($units) !== 1 || !$units[0]->is(UnitKind::Temperature)) {
            throw new UnreadCell($text, 'a temperature, like -5 °C');
        }

        return (float) $units[0]->value;
    }

    private static function stud(string $text): string
    {
        $units = Units::of($text);

        return match (true) {
            count($units) !== 1 => throw new UnreadCell($text, 'a stud, like M6, #10 or 1/4'),
            $units[0]->is(UnitKind::Stud) => (string) $units[0]->value,
            $units[0]->is(UnitKind::Hash) => '#' . $units[0]->value,
            default => throw new UnreadCell($text, 'a stud, like M6, #10 or 1/4'),
        };
    }

    private static function word(Column $column, string $text): ?string
    {
        $word = mb_strtolower($text);
        if ($word === $column->default() || in_array($word, self::NO, true)) {
            return null;
        }
        $meaning = Vocabulary::meaning($word);
        if ($meaning?->about !== $column->value) {
            $known = array_unique(array_map(static fn(Meaning $meaning): string => $meaning->value, array_filter(Vocabulary::meanings(), static fn(Meaning $meaning): bool => $meaning->about === $column->value)));
            throw new UnreadCell($text, 'one of: ' . self::listed([(string) $column->default(), ...array_values($known)]));
        }

        return $meaning->value;
    }

    private static function sleeve(string $text): string
    {
        $meaning = Vocabulary::meaning(mb_strtolower($text));

        return Sleeve::tryFrom(mb_strtolower($text))->value
            ?? ($meaning?->about === 'sleeve' ? $meaning->value : throw new UnreadCell($text, 'a sleeve: ' . self::listed(array_column(Sleeve::cases(), 'value'))));
    }

    /** @param list<string> $words */
    private static function listed(array $words): string
    {
        return implode(', ', $words);
    }
}
