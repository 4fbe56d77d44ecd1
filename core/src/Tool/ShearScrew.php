<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Verdict\Fit;

/** Cutting small machine screws and re-threading them. */
final readonly class ShearScrew extends Capability
{
    /** @param list<string> $threads */
    public function __construct(
        #[ListOf('string')]
        public array $threads,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::ShearScrew;
    }
}
