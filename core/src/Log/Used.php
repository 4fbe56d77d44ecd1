<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

/** So many were taken. */
final readonly class Used extends OfStock
{
    public static function what(): What
    {
        return What::Used;
    }
}
