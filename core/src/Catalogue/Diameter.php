<?php

declare(strict_types=1);

namespace Gondrik\Core\Catalogue;

/** A diameter in mm that a table or a formula gives, and which. */
final readonly class Diameter
{
    public function __construct(
        public float $mm,
        /** Whose it is: "XHHW-2, 12 AWG". */
        public string $of,
        public Source $source,
    ) {}
}
