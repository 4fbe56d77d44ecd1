<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

/** Outside measures of a terminal's barrel, in mm. */
final readonly class Barrel
{
    public function __construct(public ?float $length = null, public ?float $od = null) {}
}
