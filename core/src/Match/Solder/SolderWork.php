<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Solder;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Size\Size;

/** A joint to be soldered. */
final readonly class SolderWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public Size $wire,
        /** °C of the iron, where the line states one */
        public ?float $temperature,
    ) {
        parent::__construct($conditions);
    }

    public function size(): Size
    {
        return $this->wire;
    }

    protected function values(): array
    {
        return [$this->wire->written, $this->temperature];
    }
}
