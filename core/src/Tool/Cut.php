<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Verdict\Fit;

/** Cutting wire off. */
final readonly class Cut extends Capability
{
    public function __construct(
        public SizeRange $single,
        /** Size of one core of a multi-core cable. */
        public ?SizeRange $multi = null,
        /** mm */
        public ?float $maxOd = null,
        /** Above one: it can take a second bite. */
        public int $bites = 1,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::Cut;
    }
}
