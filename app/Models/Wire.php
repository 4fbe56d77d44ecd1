<?php

declare(strict_types=1);

namespace App\Models;

/** A wire or cable of the catalogue. */
final class Wire extends CatalogueItem
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sheath' => 'object', 'insulation_od' => 'float', 'min_temperature' => 'float'];
    }
}
