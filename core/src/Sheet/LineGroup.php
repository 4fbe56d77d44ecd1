<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

use Gondrik\Core\Scope\Line;

/** A line that is made of rows of a table. */
final readonly class LineGroup
{
    /** @param non-empty-list<int> $rows places in the table, counted from 0; a row stands twice where both its ends are alike */
    public function __construct(
        public Line $line,
        public array $rows,
    ) {}
}
