<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Match\Work;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Verdict\Fit;

/** What steps of equal work ask of any tool, and which tools do it at all. */
final readonly class Task
{
    /** @param array<int, Fit> $doers proper or makeshift, by tool of the matrix; what they require is looked at apart */
    public function __construct(public Operation $operation, public Work $work, public array $doers) {}
}
