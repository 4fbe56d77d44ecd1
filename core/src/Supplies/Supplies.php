<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Log\Log;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Stock\Box;
use Gondrik\Core\Stock\Pack;
use Gondrik\Core\Stock\Stock;
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
     * @param int                         $weeks     of the weekly use that is to be there beside the work
     */
    public static function of(array $stocks, array $boxes, array $terminals, Log $log, array $scopes, \Closure $rules, Day $on, int $weeks = 0): self
    {
        $taken = Stocktaking::of($stocks, $log, $scopes, $rules, $on, $weeks);
        $purchase = Buying::of($stocks, $boxes, $taken->short());
        $inBoxes = self::inBoxes($boxes, $purchase);
        $items = [];
        foreach ($stocks as $stock) {
            $bought = self::bought($stock, $purchase);
            $inPacks = array_sum(array_map(static fn(array $of): int => $of[0]->pieces * $of[1], $bought));
            $items[] = $taken->supply($stock, $bought, $purchase->open[$stock->id] ?? 0, $inPacks + ($inBoxes[$stock->id] ?? 0));
        }

        return new self($on, [...$items, ...$taken->unstocked($terminals)], $purchase, TubeSizes::fewest($taken->demand->tubes), $taken->demand->unsized);
    }

    /** What the same comes to without divided boxes and with the smallest pack of each alone; null where that is not all. */
    public function packByPack(): ?int
    {
        $cents = 0;
        foreach ($this->items as $item) {
            if ($item->open > 0 || $item->short === 0) {
                continue;
            }
            $packs = $item->stock->packs ?? [];
            usort($packs, static fn(Pack $one, Pack $other): int => $one->pieces <=> $other->pieces);
            if ($packs === []) {
                return null;
            }
            $cents += $packs[0]->price * intdiv($item->short + $packs[0]->pieces - 1, $packs[0]->pieces);
        }

        return $cents;
    }

    public function isOpen(): bool
    {
        return array_filter($this->items, static fn(Supply $item): bool => $item->open > 0) !== [];
    }

    /**
     * @param list<Box> $boxes
     *
     * @return array<string, int> pieces by stock
     */
    private static function inBoxes(array $boxes, Purchase $purchase): array
    {
        $brought = [];
        foreach ($boxes as $box) {
            foreach ($box->holds as $part) {
                $brought[$part->stock->id] = ($brought[$part->stock->id] ?? 0) + $part->pieces * ($purchase->boxes()[$box->id] ?? 0);
            }
        }

        return $brought;
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
