<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

/** What is wrong in a row, and in which of its cells. */
final readonly class CellProblem
{
    /** @param list<string> $candidates ids, where several are meant */
    public function __construct(
        /** Place of the column, counted from 0; null where it is about the whole row. */
        public ?int $column,
        public string $value,
        public string $expected,
        /** wire, terminal or wireB where there is no such thing, or several. */
        public ?string $about = null,
        public array $candidates = [],
    ) {}
}
