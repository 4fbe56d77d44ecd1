<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** A tool that comes into the kit, and the steps that count only because of it. */
final readonly class Addition
{
    /** @param list<StepRef> $closes */
    public function __construct(public Way $way, public array $closes) {}
}
