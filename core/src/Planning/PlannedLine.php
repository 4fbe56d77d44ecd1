<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Scope\Line;

/** A line that is not faulty, and what it asks. */
final readonly class PlannedLine
{
    /** @param list<PlannedStep> $steps in Cover's order */
    public function __construct(
        public Line $line,
        /** Where it stands: the scope by number, its id in the answers. */
        public int $scope,
        public string $id,
        public array $steps,
        /** A check makes it makeshift, whatever the tools. */
        public bool $isCapped,
        /** Makeshift counts here. */
        public bool $takesMakeshift,
    ) {}

    /** Whether what stands so counts here. */
    public function takes(Status $status): bool
    {
        return $status === Status::Covered || ($status === Status::Makeshift && $this->takesMakeshift);
    }
}
