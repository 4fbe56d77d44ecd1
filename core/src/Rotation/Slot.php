<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** Somebody at an exercise, in minutes from the start. */
final readonly class Slot
{
    /** People, exercises and stations by their ids. */
    public function __construct(
        public string $person,
        public string $exercise,
        public string $station,
        public int $from,
        public int $to,
    ) {}
}
