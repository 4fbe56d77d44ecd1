<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/** Rows that are worth something only when all of them are covered. */
final readonly class Group
{
    /** @param non-empty-list<int> $rows */
    public function __construct(public int $weight, public array $rows) {}
}
