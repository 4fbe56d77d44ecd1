<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Tool\Tool;

/** One tool against one step. */
final readonly class ToolMatch
{
    public function __construct(public Tool $tool, public Answer $answer) {}

    public function fit(): Fit
    {
        return $this->answer->fit;
    }
}
