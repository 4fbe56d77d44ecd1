<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Terminal\Place;

/** Where the work of a line is done, and where it lives. Temperature in °C. */
final readonly class Surroundings
{
    public function __construct(
        public Place $place = Place::Plain,
        public bool $wet = false,
        public float $ambient = 20.0,
        public bool $noMains = false,
        public Access $access = Access::Open,
        /** The work can be brought to a tool that stays where it is. */
        public bool $movable = false,
    ) {}
}
