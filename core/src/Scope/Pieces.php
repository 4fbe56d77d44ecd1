<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

/** What the lines of a scope are written for one of, and how many of them there are: 48 fixtures, 12 cabinets. */
final readonly class Pieces
{
    /** @param string $name of one, "fixture" */
    public function __construct(public string $name, public int $count) {}
}
