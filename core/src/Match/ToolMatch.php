<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\Verdict;

/** One tool against one work: what answered, how well, and every reason. */
final readonly class ToolMatch
{
    /** @param list<Reason> $reasons every check, passed or failed */
    public function __construct(
        public Tool $tool,
        public Capability $capability,
        /** The notch, die or nest that answered. */
        public Position|Nest|null $place,
        public Verdict $verdict,
        public array $reasons,
    ) {}

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
