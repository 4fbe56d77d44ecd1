<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Verdict\Fit;

/** Pulling a termination to its required force. */
final readonly class PullTest extends Capability
{
    public function __construct(
        /** N */
        public float $capacity,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::PullTest;
    }
}
