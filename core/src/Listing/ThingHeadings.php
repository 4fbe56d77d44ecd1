<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Cells\ColumnNames;
use Gondrik\Core\Cells\Headings;
use Gondrik\Core\Cells\MappedColumn;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;

/** What a table of one list can say: a key of the workbook, or what the trade calls it. */
final readonly class ThingHeadings implements Headings
{
    /** Numbers in an amount's column of others are in the currency, in our own in whole cents. */
    private const MONEY = 'money';

    /** @var array<string, ListColumn|null> by name; null for a column that numbers */
    public array $columns;

    /** @param class-string<Wire|Terminal|Tool|Kit|Person|Asset|Line> $class */
    public function __construct(private string $class)
    {
        $this->columns = self::columnsOf(ListPart::of($class));
    }

    public function known(): array
    {
        return array_keys($this->columns);
    }

    public function read(array $names): array
    {
        $called = ColumnNames::ofList(strtolower((string) preg_replace('~^.*\\\\~', '', $this->class)));
        $columns = [];
        foreach ($names as $index => $name) {
            $isOwn = array_key_exists(trim($name), $this->columns);
            $says = $isOwn ? trim($name) : $called[ColumnNames::plain($name)] ?? $called[self::withoutUnit($name)] ?? null;
            if ($says !== null) {
                $columns[$index] = new MappedColumn($index, $says, $isOwn ? null : self::unit($this->columns[$says] ?? null, $name));
            }
        }

        return $columns;
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
