<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** One person at one exercise. People, exercises and stations by their place in the session, times in ticks. */
final readonly class Turn
{
    /**
     * @param list<int> $stations at any one of which it can be done
     * @param list<int> $after    turns of the same person that are done before it
     */
    public function __construct(
        public int $person,
        public int $exercise,
        public int $length,
        public array $stations,
        public array $after,
    ) {}
}
