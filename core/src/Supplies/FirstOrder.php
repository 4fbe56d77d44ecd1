<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Terminal\TerminalClass;

/**
 * How much to ask for of an item of which no pack is known yet (common practice, without a source): rings, butts, ferrules and contacts by
 * the hundred, forks few, lugs one by one, all else by fifty; tube by the metre.
 */
final readonly class FirstOrder
{
    private const MM_IN_METRE = 1000;

    private const BY_HUNDRED = ['ring', 'butt', 'contact'];

    /** @return int pieces, mm of a tube: at least as many as are short */
    public static function of(StockItem $item, int $short): int
    {
        $step = self::step($item);

        return intdiv($short + $step - 1, $step) * $step;
    }

    private static function step(StockItem $item): int
    {
        $terminal = $item->terminal;

        return match (true) {
            $item->sleeve !== null => self::MM_IN_METRE,
            $terminal === null, $terminal->class === TerminalClass::Lug => 1,
            $terminal->class->isFerrule(), in_array($terminal->shape, self::BY_HUNDRED, true) => 100,
            $terminal->shape === 'fork' => 25,
            default => 50,
        };
    }
}
