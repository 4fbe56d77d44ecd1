<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** Who, or which stations, make a class last at least so long. */
final readonly class Bottleneck
{
    /**
     * @param int       $length   ticks
     * @param int|null  $person   null where it is stations
     * @param list<int> $stations none where it is a person
     */
    public function __construct(
        public int $length,
        public ?int $person,
        public array $stations,
    ) {}
}
