<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

/** So many were there when somebody counted. */
final readonly class Counted extends OfStock
{
    public static function what(): What
    {
        return What::Counted;
    }
}
