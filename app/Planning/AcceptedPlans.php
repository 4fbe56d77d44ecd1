<?php

declare(strict_types=1);

namespace App\Planning;

use App\History\Change;
use App\History\Event;
use App\History\Journal;
use App\History\Place;
use App\Models\Plan as PlanRow;
use App\Models\Shop;
use App\Models\User;
use App\Reading\ShopWorkbook;
use App\Writing\Belongings;
use App\Writing\ChangedMeanwhile;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\StaleVersion;
use App\Writing\Version;
use App\Writing\Written;
use Gondrik\Core\Planning\Awaited;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/**
 * Plans that a shop goes by: the kit changes when something arrives, and not before. Whatever is done to one is a change like any
 * other, with its version and its entry in the history; an arrival and what it does to kits are one entry.
 */
final readonly class AcceptedPlans
{
    public function __construct(private ShopStore $store, private ShopChanges $changes, private ShopWorkbook $shops, private Journal $journal, private ObjectCodec $objects) {}

    /** @return list<PlanRow> the latest first */
    public function of(Shop $shop): array
    {
        return array_values($shop->plans()->with(['items', 'kit', 'acceptedBy'])->orderByDesc('id')->get()->all());
    }

    /** @return list<Awaited> what is to be bought by the plans that the shop goes by and has not come yet; the oldest plan first */
    public function awaited(Shop $shop): array
    {
        $awaited = [];
        foreach (array_reverse($this->of($shop)) as $plan) {
            foreach ($plan->items->where('means', Means::Buy->value)->whereNull('arrived_at') as $item) {
                $awaited[] = new Awaited($item->name, $item->wanted, $plan->kit->name, $item->cost);
            }
        }

        return $awaited;
    }

    /** @throws ModelNotFoundException<PlanRow> when the shop has no such plan */
    public function one(Shop $shop, int $plan): PlanRow
    {
        return $shop->plans()->with(['items', 'kit', 'acceptedBy'])->whereKey($plan)->firstOrFail();
    }

    /**
     * @param string $seal of the plan that was seen
     *
     * @return array{int, Written} its number, and what was written
     *
     * @throws InvalidWorkbook  when it is none of this shop's
     * @throws ChangedMeanwhile when the shop has changed since it was seen
     */
    public function accept(Shop $shop, User $user, string $seal): array
    {
        return $this->store->change($shop, function (Shop $locked) use ($user, $seal): array {
            $seen = SeenPlan::opened($locked, $seal);
            [$id, $numbers] = $this->store->newPlan(count($seen->items));
            $plan = (object) [
                ...get_object_vars($seen),
                'acceptedBy' => $user->id,
                'acceptedAt' => now()->toIso8601String(),
                'items' => array_map(static fn(\stdClass $item, int $number): \stdClass => (object) [...get_object_vars($item), 'id' => $number, 'arrivedAt' => null, 'arrivedBy' => null], $seen->items, $numbers),
            ];

            return [$id, $this->changes->write($locked, Event::Added, [new Change(self::place($id), null, $plan)])];
        });
    }

    /**
     * Something has come, or has not after all: the kit is changed with it, and the one it came out of. Said twice, it is so once.
     *
     * @param string $version of the plan that was seen
     *
     * @return Written|null null where it was said already
     *
     * @throws StaleVersion                    when the plan is another by now
     * @throws InvalidWorkbook                 when the tool is not in the shop any more
     * @throws ModelNotFoundException<PlanRow> when there is no such plan, or nothing such in it
     */
    public function arrive(Shop $shop, User $user, int $plan, string $version, int $item, bool $hasArrived): ?Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($user, $plan, $version, $item, $hasArrived): ?Written {
            $before = $this->present($locked, $plan);
            $at = array_search($item, array_column($before->items, 'id'), true);
            if (!is_int($at)) {
                throw (new ModelNotFoundException())->setModel(PlanRow::class);
            }
            if (($before->items[$at]->arrivedAt !== null) === $hasArrived) {
                return null;
            }
            $this->refuseStale($locked, $plan, $before, $version);
            $after = clone $before;
            $after->items = array_map(static fn(\stdClass $one): \stdClass => clone $one, $before->items);
            $of = $after->items[$at];
            $of->arrivedAt = $hasArrived ? now()->toIso8601String() : null;
            $of->arrivedBy = $hasArrived ? $user->id : null;
            $kits = $of->means === Means::PerPiece->value ? [] : array_filter([
                $this->counted($locked, $before->kit, $of->tool, $hasArrived ? 1 : -1),
                $of->from === null ? null : $this->counted($locked, $of->from, $of->tool, $hasArrived ? -1 : 1),
            ]);

            return $this->changes->write($locked, Event::Changed, [...array_values($kits), new Change(self::place($plan), $before, $after)]);
        });
    }

    /**
     * @throws StaleVersion                    when it is another by now than the one that was seen
     * @throws ConflictHttpException           when something of it has arrived
     * @throws ModelNotFoundException<PlanRow> when there is no such plan
     */
    public function takeBack(Shop $shop, int $plan, string $version): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($plan, $version): Written {
            $before = $this->present($locked, $plan);
            if (array_filter(array_column($before->items, 'arrivedAt')) !== []) {
                throw new ConflictHttpException('Something of this plan has arrived already. Say first that it has not, or let the plan stand.');
            }
            $this->refuseStale($locked, $plan, $before, $version);

            return $this->changes->write($locked, Event::Removed, [new Change(self::place($plan), $before, null)]);
        });
    }

    private static function place(int $plan): Place
    {
        return new Place(Belongings::PLANS, (string) $plan);
    }

    private function present(Shop $shop, int $plan): \stdClass
    {
        return $this->changes->present($shop, self::place($plan)) ?? throw (new ModelNotFoundException())->setModel(PlanRow::class);
    }

    private function refuseStale(Shop $shop, int $plan, \stdClass $present, string $version): void
    {
        if (Version::of($present) !== $version) {
            throw new StaleVersion(Version::with($present), $this->journal->last($shop, self::place($plan)));
        }
    }

    /**
     * One more or one less of a tool in a kit; null where the kit is gone.
     *
     * @throws InvalidWorkbook when the tool is gone
     */
    private function counted(Shop $shop, string $id, string $tool, int $by): ?Change
    {
        $kit = $this->shops->things($shop, WorkbookList::Kits, [$id])[0] ?? null;
        if (!$kit instanceof Kit) {
            return null;
        }
        $of = $this->shops->things($shop, WorkbookList::Tools, [$tool])[0] ?? null;
        $after = match (true) {
            $by < 0 => $kit->oneLess($tool),
            $of instanceof Tool => $kit->oneMore($of),
            default => throw new InvalidWorkbook([new Problem('tool', $tool, 'a tool of the shop; it has been taken out of it since')]),
        };

        return new Change(new Place(WorkbookList::Kits->value, $id), $this->objects->write($kit), $this->objects->write($after));
    }
}
