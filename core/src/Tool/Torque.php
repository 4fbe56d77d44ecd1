<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Verdict\Fit;

/** Tightening a screw to its figure. */
final readonly class Torque extends Capability
{
    public function __construct(
        /** N·m */
        public Limits $range,
        public bool $powered = false,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::Torque;
    }
}
