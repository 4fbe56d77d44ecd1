<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Invalid;

/** One place in a crimping die. Diameters in mm. */
final readonly class Nest
{
    use Changed;

    /** @throws Invalid when it has neither code nor size */
    public function __construct(
        public string $label,
        public ?string $code = null,
        public ?SizeRange $size = null,
        /** Overrides what the capability says is proven. */
        public ?SizeRange $proven = null,
        public ?Limits $insulationOd = null,
        /** Of a sealed open barrel: the insulation its seal step takes. */
        public ?Limits $seal = null,
        public bool $gripsInsulation = false,
    ) {
        if ($code === null && $size === null) {
            throw Invalid::at('', $label, 'give the code of the terminals it takes, or their size');
        }
    }

    /** The same, of which the shop says that these sizes are proven. */
    public function provenFor(SizeRange $proven): self
    {
        return $this->but(proven: $proven);
    }
}
