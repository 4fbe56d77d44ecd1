<?php

declare(strict_types=1);

namespace App\Writing;

/** What was written, and under which number the history has it. */
final readonly class Written
{
    /** @param list<\stdClass|null> $things as the codec writes each, in the order of the changes; null where it is gone */
    public function __construct(public int $entry, public array $things) {}
}
