<?php

declare(strict_types=1);

namespace Gondrik\Core\Stock;

use Gondrik\Core\Value\ByReference;

/** So many pieces of one item in a divided box. */
final readonly class BoxPart
{
    public function __construct(
        #[ByReference]
        public Stock $stock,
        public int $pieces,
    ) {}
}
