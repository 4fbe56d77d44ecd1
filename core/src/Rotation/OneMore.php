<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** How long it would take with one more place at a station, in minutes. */
final readonly class OneMore
{
    public function __construct(
        /** Its id. */
        public string $station,
        public int $length,
        public int $bound,
    ) {}
}
