<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;

/** A line with another terminal, and what it would take. Money in cents. */
final readonly class Substitute
{
    /** @param list<Way> $add what comes into the kit for it */
    public function __construct(
        public Terminal $terminal,
        /** As it would be, sleeve and all. */
        public Line $line,
        public array $add,
        public int $toolCost,
        /** All terminals of the line, against those it has now; null where one of them has no price. */
        public ?int $partsCost,
        public bool $isMakeshift,
    ) {}

    public function cost(): int
    {
        return $this->toolCost + ($this->partsCost ?? 0);
    }
}
