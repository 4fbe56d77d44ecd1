<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Value\ByReference;

/** So many of one tool model in a kit. */
final readonly class KitEntry
{
    public function __construct(
        #[ByReference]
        public Tool $tool,
        public int $count = 1,
    ) {}
}
