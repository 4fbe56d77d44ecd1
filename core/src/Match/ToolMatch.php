<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Tool\Tool;

/** One tool against one step. */
final readonly class ToolMatch
{
    public function __construct(public Tool $tool, public Answer $answer)
    {
    }

    public function fit(): Fit
    {
        return $this->answer->fit;
    }

    /**
     * How near a miss is, least first: unsuitable reasons, makeshift reasons, then how far off in all.
     *
     * @return array{int, int, float}
     */
    public function distance(): array
    {
        $unsuitable = 0;
        $makeshift = 0;
        foreach ($this->answer->reasons as $reason) {
            $unsuitable += $reason->fit === Fit::Unsuitable ? 1 : 0;
            $makeshift += $reason->fit === Fit::Makeshift ? 1 : 0;
        }

        return [$unsuitable, $makeshift, $this->answer->miss()];
    }
}
