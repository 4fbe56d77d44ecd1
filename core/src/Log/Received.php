<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

/** So many came. */
final readonly class Received extends OfStock
{
    public static function what(): What
    {
        return What::Received;
    }
}
