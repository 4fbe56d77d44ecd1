<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

/** Something that whoever works here is to know. */
final readonly class Notice
{
    public function __construct(
        public string $id,
        public string $name,
        public ?string $note = null,
    ) {}
}
