<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Value\Invalid;

/** The hand that a kit is for: the grip it gives in N, the span it reaches in mm. */
final readonly class Hand
{
    /** @throws Invalid when nothing is said of it */
    public function __construct(public ?float $gripForce = null, public ?float $handSpan = null)
    {
        if ($gripForce === null && $handSpan === null) {
            throw Invalid::at('', null, 'give gripForce, handSpan or both');
        }
    }
}
