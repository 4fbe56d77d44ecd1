<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;

/** What a kit makes of one line: as good as its worst step and check; faulty lines show no steps. */
final readonly class LineCover
{
    public Status $status;

    /**
     * @param list<Reason>    $checks
     * @param list<StepCover> $steps
     * @param Status|null     $known  where the same checks and steps have told it already
     */
    public function __construct(
        public Line $line,
        public array $checks,
        public array $steps,
        ?Status $known = null,
    ) {
        if ($known !== null) {
            $this->status = $known;

            return;
        }
        $status = Status::Covered;
        foreach ($checks as $check) {
            // A line that is capped without a step that holds its wire is capped all the same.
            $status = $status->worse($check->fit === Fit::Unsuitable ? Status::Faulty : Status::ofBest($check->fit));
        }
        foreach ($steps as $step) {
            if ($step->status !== Status::Covered) {
                $status = $status->worse($step->status);
            }
        }
        $this->status = $status;
    }

    /**
     * The same of another line of the same work.
     *
     * @param list<StepCover> $steps
     */
    public function of(Line $line, array $steps): self
    {
        return $line === $this->line ? $this : new self($line, $this->checks, $steps, $steps === $this->steps ? $this->status : null);
    }
}
