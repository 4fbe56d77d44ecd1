<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** A step by its line and its number, from nought, in Cover's order. */
final readonly class StepRef
{
    public function __construct(public PlannedLine $line, public int $step) {}
}
