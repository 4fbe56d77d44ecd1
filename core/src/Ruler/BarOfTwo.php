<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Coverage\Whose;

/** A bar on the ruler of two kits. */
final readonly class BarOfTwo
{
    /** @param Whose $whose of both, where it looks alike in both; else of the one or the other */
    public function __construct(public RulerBar $bar, public Whose $whose) {}
}
