<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

use Gondrik\Core\Value\Invalid;

/** Outside measures of a terminal's barrel, or of the plastic over it, in mm. */
final readonly class Barrel
{
    /** @throws Invalid when nothing is said of it */
    public function __construct(public ?float $length = null, public ?float $od = null)
    {
        if ($length === null && $od === null) {
            throw Invalid::at('', null, 'give length, od or both');
        }
    }
}
