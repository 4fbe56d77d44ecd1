<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Sheet\ColumnNames;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\Wire;

/** Which column of a table says what of the things of one list. */
final readonly class ListMapping
{
    /** Rows among which the head is looked for. */
    private const HEAD_WITHIN = 20;

    /** Numbers in an amount's column of others are in the currency, in our own in whole cents. */
    private const MONEY = 'money';

    /**
     * @param class-string<Wire|Terminal|Tool|Kit|Line>          $class
     * @param array<int, array{says: string, unit: string|null}> $columns by their place in the table, in its order
     */
    private function __construct(public string $class, public array $columns) {}

    /**
     * @param class-string<Wire|Terminal|Tool|Kit|Line>          $class
     * @param array<int, array{says: string, unit: string|null}> $columns by their place in the table
     *
     * @throws Invalid where a column is none of the list, or two say the same
     */
    public static function of(string $class, array $columns): self
    {
        ksort($columns);
        $known = self::known($class);
        $seen = [];
        foreach ($columns as $index => ['says' => $says]) {
            if (!array_key_exists($says, $known)) {
                throw Invalid::at((string) $index, $says, 'one of: ' . implode(', ', array_keys($known)));
            }
            if (isset($seen[$says])) {
                throw Invalid::at((string) $index, $says, 'no other column that says the same; column ' . ($seen[$says] + 1) . ' does');
            }
            $seen[$says] = $index;
        }

        return new self($class, $columns);
    }

    /**
     * What the names over the columns say: a key of the workbook, or what the trade calls it; of two that say the same the first
     * counts, and what is not known is left out.
     *
     * @param class-string<Wire|Terminal|Tool|Kit|Line> $class
     * @param list<string>                              $names
     */
    public static function recognised(string $class, array $names): self
    {
        $known = self::known($class);
        $called = self::called($class);
        $columns = $seen = [];
        foreach ($names as $index => $name) {
            $isOwn = array_key_exists(trim($name), $known);
            $says = $isOwn ? trim($name) : $called[ColumnNames::plain($name)] ?? $called[self::withoutUnit($name)] ?? null;
            if ($says !== null && !isset($seen[$says])) {
                $seen[$says] = true;
                $columns[$index] = ['says' => $says, 'unit' => $isOwn ? null : self::unit($known[$says] ?? null, $name)];
            }
        }

        return new self($class, $columns);
    }

    /**
     * Where the names of the columns stand: the first row in which most are recognised.
     *
     * @param class-string<Wire|Terminal|Tool|Kit|Line> $class
     * @param list<list<string>>                        $rows
     *
     * @return int|null null where no row has at least two
     */
    public static function headOf(string $class, array $rows): ?int
    {
        $best = null;
        $most = 1;
        foreach (array_slice($rows, 0, self::HEAD_WITHIN) as $index => $cells) {
            $known = count(self::recognised($class, $cells)->columns);
            if ($known > $most) {
                [$best, $most] = [$index, $known];
            }
        }

        return $best;
    }

    /**
     * @param class-string<Wire|Terminal|Tool|Kit|Line> $class
     *
     * @return array<string, ListColumn|null> by name; null for a column that numbers
     */
    public static function known(string $class): array
    {
        return self::columnsOf(ListPart::of($class));
    }

    /** @return array<string, ListColumn|null> */
    private static function columnsOf(ListPart $part): array
    {
        $columns = [...$part->number() === null ? [] : [$part->number() => null], ...array_column($part->columns, null, 'name')];
        foreach ($part->parts as $below) {
            $columns = [...$columns, ...self::columnsOf($below)];
        }

        return $columns;
    }

    /** @return array<string, string> columns by what people call them */
    private static function called(string $class): array
    {
        static $called = null;
        $called ??= ColumnNames::ofLists();

        return $called[strtolower((string) preg_replace('~^.*\\\\~', '', $class))] ?? [];
    }

    private static function withoutUnit(string $name): string
    {
        return trim((string) preg_replace('~(?<=\S) (?:awg|kcmil|mm2|sqmm|mm|cm|in|inch|n|lbf|kg|g|oz|eur|usd|chf|gbp|°?c)$~u', '', ColumnNames::plain($name)));
    }

    private static function unit(?ListColumn $column, string $name): ?string
    {
        if ($column?->kind === CellKind::Size) {
            return ColumnNames::unit($name);
        }
        $dimension = $column?->dimension;
        if ($dimension === null) {
            return null;
        }
        $parts = preg_match('~[(\[]([^)\]]+)[)\]]~u', $name, $found) === 1 ? [$found[1]] : (preg_split('~[\s,_]+~u', trim($name)) ?: []);
        foreach ($parts as $part) {
            $unit = (string) preg_replace('~[\s·*.]~u', '', mb_strtolower($part));
            if ($dimension->factor($unit) !== null) {
                return $unit;
            }
        }

        return $dimension === Dimension::Money ? self::MONEY : null;
    }
}
