<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Sleeve;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Size\Size;

/** A tube, or the sleeve that a terminal brings, to be shrunk. */
final readonly class SleeveWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public Size $wire,
        /** mm: the widest insulation that is known among what it must pass over, all wires of a barrel laid together */
        public ?float $widest,
        /** Whether that is all of it. */
        public bool $isAllKnown,
    ) {
        parent::__construct($conditions);
    }

    public function size(): Size
    {
        return $this->wire;
    }

    protected function values(): array
    {
        return [$this->wire->written, $this->widest, $this->isAllKnown];
    }
}
