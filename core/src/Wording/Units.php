<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

/** In which units sentences speak. Numbers beside them stay in mm and N. */
final readonly class Units
{
    public function __construct(
        public LengthUnit $length = LengthUnit::Millimetre,
        public ForceUnit $force = ForceUnit::Newton,
    ) {}
}
