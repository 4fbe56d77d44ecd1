<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Stock\Pack;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Decimal;

/** One item on a day: how much there is and how much is asked for. Pieces; of a tube mm. */
final readonly class Supply
{
    public int $short;

    /** So few are left when it is time to order. */
    public int $reorderPoint;

    /** Whether it is time to order. */
    public bool $reorder;

    /** The day on which it is used up at the weekly use; null where nothing is used weekly, or no calendar goes so far. */
    public ?Day $runsOut;

    /** The same once the work is done and what is bought has come. */
    public ?Day $lasts;

    /** Never below nought, whatever the book says. */
    public int $have;

    /** @param list<array{Pack, int}> $buy packs and how many of each */
    public function __construct(
        public StockItem $item,
        /** Null for what the shop does not keep a stock of. */
        public ?Stock $stock,
        public int $need,
        /** What the log comes to: below nought where more was taken than was told to be there. */
        public int $book,
        Day $on,
        /** For the weekly use of the weeks that are asked for, beside the work. */
        public int $reserve = 0,
        /** When somebody counted last. */
        public ?Day $countedOn = null,
        public array $buy = [],
        /** Of what is short: what neither pack nor box brings. */
        public int $open = 0,
        /** What packs and boxes bring. */
        public int $brought = 0,
    ) {
        $this->have = $have = max(0, $book);
        $this->short = max(0, $need + $reserve - $have);
        $perWeek = $stock->perWeek ?? 0.0;
        $this->reorderPoint = Decimal::of($perWeek)->times($stock->leadDays ?? 0)->dividedUp(7);
        $this->reorder = $perWeek > 0.0 && $have <= $this->reorderPoint;
        $this->runsOut = self::lasting($have, $perWeek, $on);
        $this->lasts = self::lasting(max(0, $have + $brought - $need), $perWeek, $on);
    }

    private static function lasting(int $pieces, float $perWeek, Day $on): ?Day
    {
        return $perWeek > 0.0 ? $on->after(Decimal::of(7)->times($pieces)->dividedDown($perWeek)) : null;
    }

    /** Nothing asks for it and nothing is used: it only lies there. */
    public function rests(): bool
    {
        return $this->have > 0 && $this->need === 0 && ($this->stock->perWeek ?? 0.0) === 0.0;
    }
}
