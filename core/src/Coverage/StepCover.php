<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Verdict\Reason;

/** What a kit makes of one step. */
final readonly class StepCover
{
    public function __construct(
        public Step $step,
        public Work $work,
        public Status $status,
        /** The tool that is taken; null in a hole. */
        public ?ToolMatch $chosen,
        /** One tool only, count one, where the house wants a backup. */
        public bool $unbacked = false,
        /** A makeshift check of the line caps it, or that who works does it only under supervision. */
        public bool $isCapped = false,
        /** Why it is done only under supervision, where it is. */
        public ?Reason $supervised = null,
    ) {}

    /** @return list<Reason> of the tool that is taken, then why it is done only under supervision */
    public function reasons(): array
    {
        return [...$this->chosen->reasons ?? [], ...array_filter([$this->supervised])];
    }
}
