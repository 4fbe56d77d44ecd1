<?php

declare(strict_types=1);

namespace App\Models;

/** A tool model of the catalogue. */
final class Tool extends CatalogueItem
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['capabilities' => 'object', 'requires' => 'array', 'hand_span' => 'float', 'grip_force' => 'float', 'head_size' => 'float'];
    }
}
