<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Wire\Wire;

/** One end of a line: a wire as it goes into the terminal. A splice has two. */
final readonly class End
{
    public function __construct(
        public Wire $wire,
        /** Wires of this kind laid together in the barrel. */
        public int $wires = 1,
        /** Opened in mid-span: only ever the line's first wire, the other end of a splice is a branch. */
        public bool $midSpan = false,
        /** It runs through a tap as it is. */
        public bool $runsThrough = false,
    ) {}

    /** Whether it ends here at all. */
    public function isCut(): bool
    {
        return !$this->midSpan && !$this->runsThrough;
    }

    /** mm over all wires laid together, where the insulation is known */
    public function insulationOd(): ?float
    {
        return $this->wire->insulationOd === null ? null : $this->wire->insulationOd * $this->wires;
    }
}
