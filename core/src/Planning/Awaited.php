<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** A tool that is to be bought and has not come yet. Its cost in cents. */
final readonly class Awaited
{
    /**
     * @param string $wanted what is wanted of it, in words: another model that does as much is as good
     * @param string $kit    name of the kit that waits for it
     */
    public function __construct(public string $name, public string $wanted, public string $kit, public int $cents) {}

    /** @param list<self> $tools */
    public static function cost(array $tools): int
    {
        return array_sum(array_map(static fn(self $tool): int => $tool->cents, $tools));
    }
}
