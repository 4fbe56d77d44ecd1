<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Log\Log;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Stock\Pack;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Decimal;

/** What is on the shelf on a day against what scopes ask for, before anything is bought. */
final readonly class Stocktaking
{
    /** @param list<Stock> $stocks in the order of the workbook */
    private function __construct(private array $stocks, public Demand $demand, private OnHand $onHand, private Day $on, private int $weeks) {}

    /**
     * @param list<Stock>                 $stocks
     * @param list<Scope>                 $scopes
     * @param \Closure(Scope): HouseRules $rules
     * @param int                         $weeks  of the weekly use that is to be there beside the work
     */
    public static function of(array $stocks, Log $log, array $scopes, \Closure $rules, Day $on, int $weeks = 0): self
    {
        return new self($stocks, Demand::of($scopes, $rules), OnHand::of($log, $on), $on, $weeks);
    }

    /** @return array<string, int> pieces by stock */
    public function short(): array
    {
        $short = [];
        foreach ($this->stocks as $stock) {
            $short[$stock->id] = $this->supply($stock)->short;
        }

        return $short;
    }

    /**
     * @param list<array{Pack, int}> $buy     packs and how many of each
     * @param int                    $open    of what is short: what neither pack nor box brings
     * @param int                    $brought what packs and boxes bring
     */
    public function supply(Stock $stock, array $buy = [], int $open = 0, int $brought = 0): Supply
    {
        $reserve = Decimal::of($stock->perWeek)->times($this->weeks)->dividedUp(1);

        return new Supply($stock->item, $stock, $this->demand->for($stock->item), $this->onHand->book($stock), $this->on, $reserve, $this->onHand->countedOn($stock), $buy, $open, $brought);
    }

    /**
     * What is asked for and is no stock: all of it is short, and stays so.
     *
     * @param list<Terminal> $terminals in the order in which they are told
     *
     * @return list<Supply>
     */
    public function unstocked(array $terminals): array
    {
        $stocked = array_map(static fn(Stock $stock): StockItem => $stock->item, $this->stocks);

        return array_map(fn(StockItem $item): Supply => new Supply($item, null, $this->demand->for($item), 0, $this->on, open: $this->demand->for($item)), $this->demand->unstocked($stocked, $terminals));
    }

    /** @return list<Supply> of the stock what is short or to be ordered, what is used up first before the rest */
    public function wanting(): array
    {
        $wanting = array_values(array_filter(array_map(fn(Stock $stock): Supply => $this->supply($stock), $this->stocks), static fn(Supply $item): bool => $item->short > 0 || $item->reorder));
        usort($wanting, static fn(Supply $one, Supply $other): int => ($one->runsOut->number ?? PHP_INT_MAX) <=> ($other->runsOut->number ?? PHP_INT_MAX));

        return $wanting;
    }
}
