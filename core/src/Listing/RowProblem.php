<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

/** What is wrong in a table, and in which of its cells. */
final readonly class RowProblem
{
    public function __construct(
        /** Place of the row, counted from 0. */
        public int $row,
        /** Place of the column, counted from 0; null where it is about the whole row. */
        public ?int $column,
        public string $value,
        public string $expected,
    ) {}
}
