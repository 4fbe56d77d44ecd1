<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Log\Log;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Stock\Box;
use Gondrik\Core\Stock\Pack;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Value\Day;

/** What is on the shelf against what scopes ask for, and what to buy for it. */
final readonly class Supplies
{
    /**
     * @param list<Supply>    $items every stock in the order of the workbook, then what is asked for and is none
     * @param list<TubeSizes> $sizes the fewest sizes of tube that serve all the work
     */
    private function __construct(
        public Day $on,
        public array $items,
        public Purchase $purchase,
        public array $sizes,
        /** @var list<string> scope and line of tubes that stand in no stock: no size serves them, or what they go over is not known */
        public array $unsized,
    ) {}

    /**
     * @param list<Stock>                 $stocks
     * @param list<Box>                   $boxes
     * @param list<Terminal>              $terminals in the order in which what is no stock is told
     * @param list<Scope>                 $scopes
     * @param \Closure(Scope): HouseRules $rules
     */
    public static function of(array $stocks, array $boxes, array $terminals, Log $log, array $scopes, \Closure $rules, Day $on): self
    {
        $demand = Demand::of($scopes, $rules);
        $onHand = OnHand::of($log, $on);
        $short = [];
        foreach ($stocks as $stock) {
            $short[$stock->id] = max(0, $demand->for($stock->item) - $onHand->pieces($stock));
        }
        $purchase = Buying::of($stocks, $boxes, $short);
        $items = [];
        foreach ($stocks as $stock) {
            $items[] = new Supply($stock->item, $stock, $demand->for($stock->item), $onHand->pieces($stock), $on, self::bought($stock, $purchase), $purchase->open[$stock->id] ?? 0, $onHand->countedOn($stock));
        }
        foreach ($demand->unstocked(array_map(static fn(Stock $stock): StockItem => $stock->item, $stocks), $terminals) as $item) {
            $items[] = new Supply($item, null, $demand->for($item), 0, $on, open: $demand->for($item));
        }

        return new self($on, $items, $purchase, TubeSizes::fewest($demand->tubes), $demand->unsized);
    }

    public function isOpen(): bool
    {
        return array_filter($this->items, static fn(Supply $item): bool => $item->open > 0) !== [];
    }

    /** @return list<array{Pack, int}> */
    private static function bought(Stock $stock, Purchase $purchase): array
    {
        $bought = [];
        foreach ($stock->packs as $at => $pack) {
            $count = $purchase->packs[$stock->id][$at] ?? 0;
            if ($count > 0) {
                $bought[] = [$pack, $count];
            }
        }

        return $bought;
    }
}
