<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** What a tool costs, in whole cents: to buy, to have used elsewhere, to hire by the month. */
final readonly class Cost
{
    public function __construct(
        public ?int $price = null,
        public ?int $perUse = null,
        public ?int $perMonth = null,
    ) {}
}
