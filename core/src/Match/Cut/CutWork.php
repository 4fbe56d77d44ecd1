<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Cut;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Size\Size;

/** A wire to be cut off. */
final readonly class CutWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public Size $wire,
        /** A sheath over more than one core. */
        public bool $isMultiCore,
        /** mm over everything, where known */
        public ?float $od,
    ) {
        parent::__construct($conditions);
    }

    public function size(): Size
    {
        return $this->wire;
    }

    protected function values(): array
    {
        return [$this->wire->written, $this->isMultiCore, $this->od];
    }
}
