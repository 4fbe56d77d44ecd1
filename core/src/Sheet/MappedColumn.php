<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

/** A column of a table and what it says. */
final readonly class MappedColumn
{
    public function __construct(
        /** Counted from 0. */
        public int $index,
        public Column $column,
        /** Of numbers without one. */
        public ?string $unit = null,
    ) {}
}
