<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Value\Changed;

/** How a wire and its terminal come together on one line. */
final readonly class Joint
{
    use Changed;

    public function __construct(
        /** Wires of the first kind laid together in its barrel. */
        public int $wiresInBarrel = 1,
        public Preparation $prep = Preparation::None,
        public ?Stud $stud = null,
        public ?Clamp $clamp = null,
        /** The first wire is opened in mid-span, not cut. */
        public bool $midSpan = false,
        /** The contact sits in a housing. */
        public bool $housing = false,
        /** What the line says of a sleeve; null leaves it to the terminal. */
        public ?Sleeve $sleeve = null,
    ) {}

    /** The same with what another sleeve says. */
    public function under(?Sleeve $sleeve): self
    {
        return $this->but(sleeve: $sleeve);
    }
}
