<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Torque;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;

/** A screw to be tightened. */
final readonly class TorqueWork extends Work
{
    public function __construct(
        Conditions $conditions,
        /** N·m, where there is a figure */
        public ?float $torque,
        /** Only the house asks for it: neither a figure nor a clamp does. */
        public bool $isByRule = false,
    ) {
        parent::__construct($conditions);
    }

    protected function values(): array
    {
        return [$this->torque, $this->isByRule];
    }
}
