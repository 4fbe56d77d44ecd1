<?php

declare(strict_types=1);

namespace Gondrik\Core\Trial;

use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Wire\Wire;

/** One tool tried in one operation on one wire, with a terminal where that is what it is about. */
final readonly class Tried
{
    public function __construct(
        public Operation $operation,
        public Wire $wire,
        public ?Terminal $terminal,
        public ToolMatch $match,
    ) {}
}
