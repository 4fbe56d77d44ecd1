<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Value\ListOf;

/** What a tool cannot work without. */
final readonly class Needs
{
    /** @param list<string> $requires ids of other tools */
    public function __construct(
        public Energy $energy = Energy::Hand,
        #[ListOf('string')]
        public array $requires = [],
        /** It stays where it is: the work comes to it. */
        public bool $inPlaceOnly = false,
    ) {}
}
