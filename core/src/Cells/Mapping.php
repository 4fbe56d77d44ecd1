<?php

declare(strict_types=1);

namespace Gondrik\Core\Cells;

use Gondrik\Core\Value\Invalid;

/** Which column of a table says what. */
final readonly class Mapping
{
    /** Rows among which the head is looked for. */
    private const HEAD_WITHIN = 20;

    /** @param list<MappedColumn> $columns in the order of the table */
    private function __construct(public array $columns) {}

    /**
     * @param list<MappedColumn> $columns
     *
     * @throws Invalid where a column says nothing that is known, or two say the same
     */
    public static function of(Headings $headings, array $columns): self
    {
        usort($columns, static fn(MappedColumn $one, MappedColumn $other): int => $one->index <=> $other->index);
        $known = $headings->known();
        $seen = [];
        foreach ($columns as $column) {
            if (!in_array($column->says, $known, true)) {
                throw Invalid::at((string) $column->index, $column->says, 'one of: ' . implode(', ', $known));
            }
            if (isset($seen[$column->says])) {
                throw Invalid::at((string) $column->index, $column->says, 'no other column that says the same; column ' . ($seen[$column->says] + 1) . ' does');
            }
            $seen[$column->says] = $column->index;
        }

        return new self($columns);
    }

    /**
     * What the names over the columns say; of two that say the same the first counts, and what is not known is left out.
     *
     * @param list<string> $names
     */
    public static function recognised(Headings $headings, array $names): self
    {
        $columns = [];
        foreach ($headings->read($names) as $column) {
            $columns[$column->says] ??= $column;
        }

        return new self(array_values($columns));
    }

    /**
     * Where the names of the columns stand: the first row in which most of them are recognised.
     *
     * @param list<list<string>> $rows
     *
     * @return int|null null where no row has at least two
     */
    public static function headOf(Headings $headings, array $rows): ?int
    {
        $best = null;
        $most = 1;
        foreach (array_slice($rows, 0, self::HEAD_WITHIN) as $index => $cells) {
            $known = count(self::recognised($headings, $cells)->columns);
            if ($known > $most) {
                [$best, $most] = [$index, $known];
            }
        }

        return $best;
    }

    public function find(string $says): ?MappedColumn
    {
        foreach ($this->columns as $column) {
            if ($column->says === $says) {
                return $column;
            }
        }

        return null;
    }
}
