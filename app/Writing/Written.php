<?php

declare(strict_types=1);

namespace App\Writing;

/** What was written, under which number the history has it, and from which version of the shop to which it led. */
final readonly class Written
{
    /** @param list<\stdClass|null> $things as the codec writes each, in the order of the changes; null where it is gone */
    public function __construct(public int $entry, public array $things, public int $from, public int $to) {}
}
