<?php

declare(strict_types=1);

namespace App\Models;

/** A terminal of the catalogue. */
final class Terminal extends CatalogueItem
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['strip' => 'object', 'insulation_od' => 'object', 'seal' => 'object', 'takes' => 'array', 'conductors' => 'array', 'suits' => 'array', 'barrel' => 'object'];
    }
}
