<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** A step of a line: its task, and whether a check of the line caps it. */
final readonly class PlannedStep
{
    public function __construct(public int $task, public bool $isCapped) {}
}
