<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Tool\Operation;

/** A step that still does not count. */
final readonly class OpenStep
{
    public function __construct(
        public PlannedLine $line,
        public int $step,
        public Operation $operation,
        /** What would close it; null where it is the line that is makeshift, and no tool. */
        public ?Wanted $wanted,
        /** Whether any way that was asked about closes it: else there is nothing for it. */
        public bool $canBeClosed,
    ) {}
}
