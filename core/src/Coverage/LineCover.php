<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Verdict\Reason;

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
