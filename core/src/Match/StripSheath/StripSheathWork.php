<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\StripSheath;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Wire\Sheath;

/** A sheath to be taken off a cable. */
final readonly class StripSheathWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public Size $core,
        public Sheath $sheath,
        /** °C */
        public float $ambient,
    ) {
        parent::__construct($conditions);
    }

    public function size(): Size
    {
        return $this->core;
    }

    protected function values(): array
    {
        return [
            $this->core->written,
            $this->sheath->material,
            $this->sheath->shape,
            $this->sheath->od,
            $this->sheath->width,
            $this->sheath->height,
            $this->sheath->strip,
            $this->sheath->bareEarth,
            $this->ambient,
        ];
    }
}
