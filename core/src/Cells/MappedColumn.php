<?php

declare(strict_types=1);

namespace Gondrik\Core\Cells;

/** A column of a table and what it says. */
final readonly class MappedColumn
{
    public function __construct(
        /** Counted from 0. */
        public int $index,
        /** One of what its headings know. */
        public string $says,
        /** Of numbers without one. */
        public ?string $unit = null,
    ) {}
}
