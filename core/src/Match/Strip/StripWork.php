<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Strip;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Material;

/** Insulation to be taken off a core. Diameters and lengths in mm. */
final readonly class StripWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public Size $wire,
        public Construction $construction,
        /** Over the bare conductor. */
        public float $conductor,
        /** That of the next smaller trade size, built alike; null past the end of the series. */
        public ?float $nextSmallerConductor,
        public Material $insulation,
        /** Over the insulation, where known. */
        public ?float $od,
        /** How much comes off, where the terminal says so. */
        public ?float $length,
        public bool $midSpan = false,
        public bool $vibrates = false,
    ) {
        parent::__construct($conditions);
    }

    public function size(): Size
    {
        return $this->wire;
    }

    protected function values(): array
    {
        return [
            $this->wire->written,
            $this->construction,
            $this->conductor,
            $this->nextSmallerConductor,
            $this->insulation,
            $this->od,
            $this->length,
            $this->midSpan,
            $this->vibrates,
        ];
    }
}
