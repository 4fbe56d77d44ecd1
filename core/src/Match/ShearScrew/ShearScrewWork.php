<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\ShearScrew;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;

/** A screw to be cut to length. */
final readonly class ShearScrewWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public string $thread,
    ) {
        parent::__construct($conditions);
    }

    protected function values(): array
    {
        return [$this->thread];
    }
}
