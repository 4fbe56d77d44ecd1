<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\PullTest;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Size\Size;

/** A termination to be pulled to the force it must hold. */
final readonly class PullTestWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public Size $wire,
        /** Null where no standard is about this class of terminal. */
        public ?PullStandard $standard,
        /** N, where the standard has a figure */
        public ?float $force,
    ) {
        parent::__construct($conditions);
    }

    public function size(): Size
    {
        return $this->wire;
    }

    protected function values(): array
    {
        return [$this->wire->written, $this->standard, $this->force];
    }
}
