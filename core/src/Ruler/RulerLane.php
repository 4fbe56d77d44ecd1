<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

/** One operation, or one class of terminals to crimp. */
final readonly class RulerLane
{
    /** @param list<RulerBar> $bars */
    public function __construct(public string $name, public array $bars) {}
}
