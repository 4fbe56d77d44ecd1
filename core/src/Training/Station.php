<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

/** Where somebody of a class works: a bench, a press, a corner with a screen. */
final readonly class Station
{
    public function __construct(
        public string $id,
        public string $name,
        /** Id of the kit that lies there. */
        public ?string $kit = null,
        /** So many people at a time. */
        public int $capacity = 1,
    ) {}
}
