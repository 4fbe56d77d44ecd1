<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;

/** How full a barrel is: its conductors against the thick end of the span that takes them. */
final readonly class BarrelFill
{
    private function __construct(public Figure $fill, public Figure $fits) {}

    public static function of(Size $size, SizeRange $terminal, int $count = 1): self
    {
        $standing = $terminal->standingOfBundle($size, $count);

        return new self(
            Figure::of($size->area * $count / $standing->span->greatest->area, Source::formula(Formula::Fill)),
            Figure::of($standing->isInside(), Source::formula(Formula::RowInRange)),
        );
    }
}
