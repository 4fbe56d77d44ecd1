<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

use Gondrik\Core\Stock\StockItem;

/** What is called what on a shelf. */
final readonly class ItemName
{
    public static function of(StockItem $item): string
    {
        return $item->terminal->name ?? $item->name ?? ($item->lined ? 'Lined tube ' : 'Tube ') . $item->sleeve;
    }
}
