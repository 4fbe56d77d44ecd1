<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Tool\Tool;

/** How many of a model are wanted somewhere, and which are there. */
final readonly class ModelCount
{
    /** @param list<string> $tags of those that are there */
    public function __construct(public Tool $tool, public int $wanted, public array $tags) {}
}
