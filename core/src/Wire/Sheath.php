<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

use Gondrik\Core\Value\Invalid;

/** The outer jacket of a cable. Diameters and lengths in mm. */
final readonly class Sheath
{
    /** @throws Invalid when the measures do not belong to the shape */
    public function __construct(
        public Material $material,
        public SheathShape $shape,
        public ?float $od = null,
        public ?float $width = null,
        public ?float $height = null,
        /** Length of sheath taken off for one termination. */
        public ?float $strip = null,
        /** A bare earth core that can be pulled through the sheath. */
        public bool $bareEarth = false,
    ) {
        if ($shape === SheathShape::Flat && $od !== null) {
            throw Invalid::at('od', $od, 'a flat sheath has width and height, no od');
        }
        if ($shape === SheathShape::Round && ($width ?? $height) !== null) {
            throw Invalid::at($width !== null ? 'width' : 'height', $width ?? $height, 'a round sheath has an od, no width and height');
        }
        if ($height !== null && $width !== null && $height > $width) {
            throw Invalid::at('height', $height, 'not more than the width, ' . $width . ' mm');
        }
    }

    /** mm; a flat sheath's outside diameter is its width. */
    public function outsideDiameter(): ?float
    {
        return $this->shape === SheathShape::Flat ? $this->width : $this->od;
    }
}
