<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Verdict\Fit;

/** Pressing a terminal onto a wire. */
final readonly class Crimp extends Capability
{
    use Changed;

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

    /** The same, with that nest proven for these sizes; without one of the label as it is. */
    public function provenFor(string $nest, SizeRange $proven): self
    {
        return $this->but(nests: array_map(static fn(Nest $one): Nest => $one->label === $nest ? $one->provenFor($proven) : $one, $this->nests));
    }

    public static function operation(): Operation
    {
        return Operation::Crimp;
    }
}
