<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Verdict\Fit;

/** Getting a contact out of its housing again. */
final readonly class Extract extends Capability
{
    /** @param list<string> $codes of the contacts it releases */
    public function __construct(
        #[ListOf('string')]
        public array $codes,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::Extract;
    }
}
