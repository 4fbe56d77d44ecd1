<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** A word beside a figure: a code with its numbers. */
final readonly class Note
{
    /** @param array<string, string|int|float> $numbers lengths in mm */
    public function __construct(public NoteCode $code, public array $numbers = []) {}
}
