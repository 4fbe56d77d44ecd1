<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

use Gondrik\Core\Scope\Line;

/** What was read of one row of a table. */
final readonly class RowReading
{
    /**
     * @param list<Line>        $lines    one; of a wire list one for each end that has a terminal; none where there is a problem
     * @param list<CellProblem> $problems
     */
    public function __construct(
        /** Place in the table, counted from 0. */
        public int $row,
        public array $lines,
        public array $problems = [],
    ) {}

    public function isBad(): bool
    {
        return $this->problems !== [];
    }
}
