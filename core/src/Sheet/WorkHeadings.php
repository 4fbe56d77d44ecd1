<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

use Gondrik\Core\Cells\ColumnNames;
use Gondrik\Core\Cells\Headings;
use Gondrik\Core\Cells\MappedColumn;

/** What a table of work can say: parts of a line, and the ends of a wire. */
final readonly class WorkHeadings implements Headings
{
    /** @param array<string, Column|null> $remembered what the shop has said of a name (as ColumnNames::plain), null for "nothing" */
    public function __construct(private array $remembered = []) {}

    public function known(): array
    {
        return array_column(Column::cases(), 'value');
    }

    public function read(array $names): array
    {
        $isOwn = self::isOwn($names);
        $columns = [];
        foreach ($names as $index => $name) {
            $plain = ColumnNames::plain($name);
            $column = match (true) {
                $isOwn => Column::tryFrom(trim($name)),
                array_key_exists($plain, $this->remembered) => $this->remembered[$plain],
                default => self::column($name),
            };
            if ($column !== null) {
                $columns[$index] = new MappedColumn($index, $column->value, ColumnNames::unit($name));
            }
        }

        return $columns;
    }

    /** What a name says wherever it stands, from data/column-names.csv. */
    public static function column(string $name): ?Column
    {
        // What nobody else calls so is a key of the workbook.
        return Column::tryFrom(ColumnNames::ofWork($name) ?? trim($name));
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
}
