<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Verdict\Fit;

/** Shrinking a sleeve. */
final readonly class ShrinkSleeve extends Capability
{
    public function __construct(
        public Heat $heat,
        /** mm */
        public ?float $maxOd = null,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::Sleeve;
    }
}
