<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** So many of one tool model that take part in a kit as it stands. */
final readonly class TakingPart
{
    public function __construct(public Tool $tool, public int $count) {}
}
