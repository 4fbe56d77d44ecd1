<?php

declare(strict_types=1);

namespace App\Writing;

/** What was to be taken away is used; nothing was changed. */
final class InUse extends \RuntimeException
{
    /** @param non-empty-list<array{list: string, id: string, name: string, scope?: string}> $uses the first of them */
    public function __construct(public readonly string $name, public readonly array $uses, public readonly int $count)
    {
        parent::__construct('"' . $name . '" is used in ' . $count . ($count === 1 ? ' place' : ' places') . '; take it out there first. Nothing was changed.');
    }
}
