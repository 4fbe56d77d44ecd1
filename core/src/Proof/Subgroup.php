<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Log\Pulled;

/** A point of a control chart. Forces in N. */
final readonly class Subgroup
{
    /** @param list<ChartRule> $fired none of what was pulled before somebody cleared the thing */
    public function __construct(public Pulled $pull, public float $mean, public float $range, public array $fired) {}
}
