<?php

declare(strict_types=1);

namespace Gondrik\Core\Stock;

/** In what an item is sold: so many pieces for so many cents. Of a tube the pieces are mm. */
final readonly class Pack
{
    public function __construct(
        public string $name,
        public int $pieces,
        public int $price,
    ) {}
}
