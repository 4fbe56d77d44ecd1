<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

use Gondrik\Core\Value\Clock;

/** A break of the whole class: nothing runs across it. */
final readonly class Pause
{
    /** @param int $minutes at least 1 */
    public function __construct(
        public Clock $from,
        public int $minutes,
    ) {}
}
