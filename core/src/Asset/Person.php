<?php

declare(strict_types=1);

namespace Gondrik\Core\Asset;

use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Value\Day;

/** Somebody of the shop, with or without an account. */
final readonly class Person
{
    public function __construct(
        public string $id,
        public string $name,
        public ?Hand $hand = null,
        /** The last day with the shop. */
        public ?Day $until = null,
        public ?string $note = null,
    ) {}
}
