<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** What a shop calls a wire or terminal besides its name. */
final readonly class Alias
{
    public function __construct(
        /** wire or terminal */
        public string $about,
        public string $words,
        public string $id,
    ) {}
}
