<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Verdict\Fit;

/** Soldering. */
final readonly class Solder extends Capability
{
    public function __construct(
        /** °C */
        public ?Limits $temperature = null,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::Solder;
    }
}
