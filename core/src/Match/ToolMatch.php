<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\Verdict;

/** One tool against one work: what answered, how well, and every reason. */
final readonly class ToolMatch
{
    public Tool $tool;

    /** @param list<Reason> $reasons every check, passed or failed */
    public function __construct(
        /** As it stands in the kit. */
        public TakingPart $part,
        public Capability $capability,
        /** The notch, die or nest that answered. */
        public Position|Nest|null $place,
        public Verdict $verdict,
        public array $reasons,
    ) {
        $this->tool = $part->tool;
    }

    public function fit(): Fit
    {
        return $this->verdict->fit;
    }

    /** As it is marked on the tool. */
    public function position(): ?string
    {
        return $this->place?->label;
    }
}
