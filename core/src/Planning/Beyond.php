<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** What more money would close of lines that something else keeps open: it makes no termination count, so it is offered and not taken. In cents. */
final readonly class Beyond
{
    /** @param non-empty-list<StepRef> $steps that would count then */
    public function __construct(public int $cost, public array $steps) {}
}
