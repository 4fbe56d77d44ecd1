<?php

declare(strict_types=1);

namespace App\Imports;

use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Reading\WholeShop;
use App\Writing\LogStore;
use App\Writing\ShopStore;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookList;

/** Puts a workbook into a shop: added to and changed by id, in one transaction; a second time changes nothing. */
final readonly class WorkbookImport
{
    public function __construct(
        private ShopWorkbook $shops = new ShopWorkbook(),
        private ShopStore $store = new ShopStore(),
        private WholeShop $whole = new WholeShop(),
        private LogStore $log = new LogStore(),
    ) {}

    /**
     * A dry run: nothing is written.
     *
     * @throws InvalidWorkbook when the workbook does not go together with what the shop has
     */
    public function plan(Shop $shop, Workbook $coming): ImportPlan
    {
        $has = $this->shops->whole($shop);
        $this->whole->refuseWhatBreaks($has, $coming);

        return ImportPlan::between($has, $coming);
    }

    /**
     * @return ImportPlan what was done
     *
     * @throws InvalidWorkbook and then nothing has changed
     */
    public function apply(Shop $shop, Workbook $coming): ImportPlan
    {
        return $this->store->change($shop, function (Shop $locked) use ($coming): ImportPlan {
            $plan = $this->plan($locked, $coming);
            if ($plan->changesHouseRules) {
                $this->store->putHouseRules($locked, $coming->houseRules);
            }
            foreach (WorkbookList::cases() as $list) {
                $this->store->put($locked, $list, array_values(array_filter($list->of($coming), static fn(object $thing): bool => $plan->touches($list, $thing->id))));
            }
            $this->log->append($locked, array_values(array_filter($coming->register->log, $plan->brings(...))));

            return $plan;
        });
    }

    /**
     * Makes the shop what it was: unlike apply(), this takes away what is not in the workbook.
     *
     * @throws InvalidWorkbook and then nothing has changed
     */
    public function restore(Shop $shop, Workbook $before): void
    {
        $this->store->change($shop, function (Shop $locked) use ($before): void {
            // What refers goes before what it refers to, and comes back after it.
            $this->keepOnly($locked, $before, ...array_filter(array_reverse(WorkbookList::cases()), static fn(WorkbookList $list): bool => !$list->isOfModels()));
            $this->apply($locked, $before);
            $this->keepOnly($locked, $before, ...array_reverse(WorkbookList::models()));
            $this->store->putHouseRules($locked, $before->houseRules);
        });
    }

    private function keepOnly(Shop $shop, Workbook $before, WorkbookList ...$lists): void
    {
        foreach ($lists as $list) {
            $this->store->keepOnly($shop, $list, array_map(static fn(object $thing): string => $thing->id, $list->of($before)));
        }
    }
}
