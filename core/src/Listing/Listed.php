<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;

/** A thing as rows of a table have it. */
final readonly class Listed
{
    /**
     * @param non-empty-list<int> $rows     places in the table, counted from 0
     * @param list<RowProblem>    $problems
     */
    public function __construct(
        public array $rows,
        /** Null where something is wrong. */
        public Wire|Terminal|Tool|Kit|Person|Asset|Line|null $thing,
        public array $problems,
    ) {}
}
