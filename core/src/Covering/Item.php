<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/** Something that may be chosen. */
final readonly class Item
{
    /** @param list<list<int>> $needs each a list of items, one of which must be chosen for this to be chosen */
    public function __construct(
        public int $money,
        public int $mass = 0,
        /** Whether it counts where few are better than many; what only stands between others does not. */
        public bool $isCounted = true,
        public array $needs = [],
    ) {}
}
