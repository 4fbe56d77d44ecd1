<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Reason;
use Gondrik\Core\Scope\Line;

/** What a kit makes of one line: as good as its worst step; faulty lines show no steps. */
final readonly class LineCover
{
    /**
     * @param list<Reason>    $checks
     * @param list<StepCover> $steps
     */
    public function __construct(
        public Line $line,
        public Status $status,
        public array $checks,
        public array $steps,
    ) {}
}
