<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Scope\Step;
use Gondrik\Core\Verdict\Reason;

/** What holds of a line whatever the kit. */
final readonly class AskedOfLine
{
    /**
     * @param list<Reason> $checks
     * @param list<Step>   $steps  none of a faulty line
     * @param list<Step>   $capped those of them that are makeshift at best
     */
    public function __construct(public array $checks, public array $steps, public array $capped) {}

    public function isCapped(Step $step): bool
    {
        return $this->capped !== [] && in_array($step, $this->capped, true);
    }
}
