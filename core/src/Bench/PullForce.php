<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\Newtons;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\Span;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Value\Tolerance;

/** The least force a termination must hold, from data/pull-force.csv. */
final readonly class PullForce
{
    /** mm²: from here on lugs on metric wire follow IEC 61238-1. */
    private const LUG_FROM = 10.0;

    /** @param array<string, string> $tableRow as data/pull-force.csv has it */
    private function __construct(
        public PullStandard $standard,
        public float $newtons,
        /** The row that was read. */
        public Size $row,
        /** No row for the wire's own size: the next larger row's force, the safe side. */
        public bool $isNextLarger,
        public array $tableRow,
    ) {}

    public function poundsForce(): float
    {
        return $this->newtons / Newtons::POUND_FORCE;
    }

    /** The standard in force for this termination; null where none is about its class, whatever the house prefers. */
    public static function standardFor(PullStandard $rule, TerminalClass $class, Size $wire): ?PullStandard
    {
        $isMetric = $wire->family === Family::Metric;

        return match (true) {
            $class->isBeyondPullStandards() => null,
            $rule !== PullStandard::ByClass => $rule,
            $class->isFerrule(), $class->pressesStrands() => PullStandard::Iec60947,
            $class === TerminalClass::Lug && $isMetric && !Tolerance::isBelow($wire->area, self::LUG_FROM) => PullStandard::Iec61238,
            $class->isContact(), $isMetric => PullStandard::Iec60352,
            default => PullStandard::Ul486,
        };
    }

    /**
     * The row nearest within 3 % of the wire, of its own family before the other's; between rows the next larger one of either.
     * Null where the standard's rows do not reach: never extrapolated, neither up nor down.
     */
    public static function required(PullStandard $standard, Size $wire): ?self
    {
        $rows = self::rows($standard);
        $off = static fn(Size $row): float => abs($wire->area - $row->area) / $row->area;
        $close = array_filter($rows, static fn(array $row): bool => $off($row[0]) <= Span::CLOSE);
        usort($close, static fn(array $one, array $other): int => [$one[0]->family !== $wire->family, $off($one[0])] <=> [$other[0]->family !== $wire->family, $off($other[0])]);
        if ($close !== []) {
            [$size, $newtons, $row] = $close[0];

            return new self($standard, $newtons, $size, false, $row);
        }
        foreach ($rows as [$size, $newtons, $row]) {
            if ($size->area > $wire->area && $wire->area > $rows[0][0]->area) {
                return new self($standard, $newtons, $size, true, $row);
            }
        }

        return null;
    }

    /** Why the standard has no figure for a size. */
    public static function whyNone(PullStandard $standard, Size $wire): Note
    {
        $rows = self::rows($standard);
        $isBelow = $wire->area < $rows[0][0]->area;
        $end = $isBelow ? $rows[0][0] : $rows[count($rows) - 1][0];

        return new Note($isBelow ? NoteCode::RowBelowTable : NoteCode::RowAboveTable, ['size' => $wire->written, 'row' => $end->written]);
    }

    /** @return non-empty-list<array{Size, float, array<string, string>}> from thin to thick, N */
    private static function rows(PullStandard $standard): array
    {
        static $rows = [];
        if (!isset($rows[$standard->value])) {
            $read = [];
            foreach (Table::rows('pull-force') as $row) {
                if ($row['standard'] === $standard->value) {
                    $force = (float) $row['force'];
                    $read[] = [Size::parse($row['size']), $row['unit'] === 'lbf' ? $force * Newtons::POUND_FORCE : $force, $row];
                }
            }
            usort($read, static fn(array $one, array $other): int => $one[0]->area <=> $other[0]->area);
            $rows[$standard->value] = $read;
        }

        return $rows[$standard->value];
    }
}
