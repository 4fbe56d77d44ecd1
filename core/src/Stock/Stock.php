<?php

declare(strict_types=1);

namespace Gondrik\Core\Stock;

use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** One item that lies on a shelf and is used up. How much there is of it the log tells. Pieces of a tube are mm. */
final readonly class Stock
{
    /**
     * @param list<Pack> $packs
     *
     * @throws Invalid when two packs are called the same
     */
    public function __construct(
        public string $id,
        public StockItem $item,
        #[ListOf(Pack::class)]
        public array $packs = [],
        /** Pieces that are used in a week. */
        public float $perWeek = 0.0,
        /** Until an order is there. */
        public int $leadDays = 0,
        public ?string $note = null,
    ) {
        $seen = [];
        foreach ($packs as $at => $pack) {
            if (isset($seen[$pack->name])) {
                throw Invalid::at('packs/' . $at . '/name', $pack->name, 'a name that no other pack of it has');
            }
            $seen[$pack->name] = true;
        }
    }
}
