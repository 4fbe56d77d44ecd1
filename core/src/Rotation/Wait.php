<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** Somebody of a class, by id, who has nothing to do, in minutes from the start. */
final readonly class Wait
{
    public function __construct(
        public string $person,
        public int $from,
        public int $to,
    ) {}
}
