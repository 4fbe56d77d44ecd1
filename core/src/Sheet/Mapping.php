<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

use Gondrik\Core\Value\Invalid;

/** Which column of a table says what. */
final readonly class Mapping
{
    /** Rows among which the head is looked for. */
    private const HEAD_WITHIN = 20;

    /** @param list<MappedColumn> $columns in the order of the table */
    private function __construct(public array $columns) {}

    /**
     * @param array<int, array{Column, string|null}> $columns by their place: what each says, and the unit of its numbers
     *
     * @throws Invalid where two columns say the same, or too little is said to make a line of
     */
    public static function of(array $columns): self
    {
        ksort($columns);
        $mapped = $seen = [];
        foreach ($columns as $index => [$column, $unit]) {
            if (isset($seen[$column->value])) {
                throw Invalid::at((string) $index, $column->value, 'no other column that says the same; column ' . ($seen[$column->value] + 1) . ' does');
            }
            $seen[$column->value] = $index;
            $mapped[] = new MappedColumn($index, $column, $unit);
        }

        return new self($mapped);
    }

    /**
     * What the names over the columns say; of two that say the same the first counts, and what is not known is left out.
     *
     * @param list<string>               $names
     * @param array<string, Column|null> $remembered what the shop has said of a name (as ColumnNames::plain), null for "nothing"
     */
    public static function recognised(array $names, array $remembered = []): self
    {
        $mapped = $seen = [];
        $isOwn = self::isOwn($names);
        foreach ($names as $index => $name) {
            $plain = ColumnNames::plain($name);
            $column = match (true) {
                $isOwn => Column::tryFrom(trim($name)),
                array_key_exists($plain, $remembered) => $remembered[$plain],
                default => ColumnNames::column($name),
            };
            if ($column !== null && !isset($seen[$column->value])) {
                $seen[$column->value] = true;
                $mapped[] = new MappedColumn($index, $column, ColumnNames::unit($name));
            }
        }

        return new self($mapped);
    }

    /**
     * Whether they are the keys of the workbook, as a scope is written: "temperature" is then the iron's, not the weather's.
     *
     * @param list<string> $names
     */
    private static function isOwn(array $names): bool
    {
        $said = array_filter(array_map(trim(...), $names), static fn(string $name): bool => $name !== '');
        $strange = array_filter($said, static fn(string $name): bool => $name !== 'id' && Column::tryFrom($name)?->isKey() !== true);

        return in_array('id', $said, true) && $strange === [];
    }

    /**
     * Where the names of the columns stand: the first row in which most of what is said of columns is recognised.
     *
     * @param list<list<string>>         $rows
     * @param array<string, Column|null> $remembered
     *
     * @return int|null null where no row has at least two
     */
    public static function headOf(array $rows, array $remembered = []): ?int
    {
        $best = null;
        $most = 1;
        foreach (array_slice($rows, 0, self::HEAD_WITHIN) as $index => $cells) {
            $known = count(self::recognised($cells, $remembered)->columns);
            if ($known > $most) {
                [$best, $most] = [$index, $known];
            }
        }

        return $best;
    }

    /** Whether its rows are wires with a terminal at each end. */
    public function isWireList(): bool
    {
        return $this->has(Column::TerminalFrom) || $this->has(Column::TerminalTo);
    }

    public function has(Column $column): bool
    {
        return $this->find($column) !== null;
    }

    public function find(Column $column): ?MappedColumn
    {
        foreach ($this->columns as $mapped) {
            if ($mapped->column === $column) {
                return $mapped;
            }
        }

        return null;
    }
}
