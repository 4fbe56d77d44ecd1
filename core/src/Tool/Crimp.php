<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Verdict\Fit;

/** Pressing a terminal onto a wire. */
final readonly class Crimp extends Capability
{
    /**
     * @param non-empty-list<Nest>     $nests
     * @param list<TerminalClass>|null $classes narrows what the profile could do; null leaves it whole
     */
    public function __construct(
        public Profile $profile,
        public Control $control,
        #[ListOf(Nest::class)]
        public array $nests,
        #[ListOf(TerminalClass::class)]
        public ?array $classes = null,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::Crimp;
    }
}
