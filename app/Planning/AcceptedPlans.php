<?php

declare(strict_types=1);

namespace App\Planning;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\Plan as PlanRow;
use App\Models\PlanItem;
use App\Models\Shop;
use App\Models\User;
use App\Workbook\ShopChanges;
use App\Workbook\ShopStore;
use App\Workbook\ShopWorkbook;
use Gondrik\Core\Output\PlanWriter;
use Gondrik\Core\Planning\BuyingRow;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\Plan;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Support\Collection;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Plans that a shop goes by: the kit changes when something arrives, and not before. */
final readonly class AcceptedPlans
{
    public function __construct(private ShopStore $store, private ShopChanges $changes, private ShopWorkbook $shops, private ObjectCodec $objects) {}

    /** @return Collection<int, PlanRow> the latest first */
    public function of(Shop $shop): Collection
    {
        return $shop->plans()->with(['items', 'kit', 'acceptedBy'])->orderByDesc('id')->get()->toBase();
    }

    /** @throws InvalidWorkbook when there is no kit that it is for, or nothing to do */
    public function accept(Shop $shop, User $user, PlanQuestion $question, Plan $plan): PlanRow
    {
        if ($plan->add === [] && $plan->paid === []) {
            throw new InvalidWorkbook([new Problem('kit', $question->kit->id, 'a kit for which there is something to do')]);
        }

        return $this->store->change($shop, function (Shop $locked) use ($user, $question, $plan): PlanRow {
            $kit = $locked->kits()->where('code', $question->kit->id)->first() ?? throw new InvalidWorkbook([new Problem('kit', $question->kit->id, 'a kit of the shop: make one first, where it is to be packed from nothing')]);
            $row = $locked->plans()->create([
                'kit_id' => $kit->id,
                'accepted_by' => $user->id,
                'scopes' => array_map(static fn(PlannedScope $of): string => $of->scope->id, $question->scopes),
                'cost' => $plan->cost,
                'terminations' => $plan->terminations,
                'covered_before' => $plan->coveredBefore,
                'covered_after' => $plan->coveredAfter,
            ]);
            foreach (self::items($question, $plan) as $position => $item) {
                $row->items()->create([...$item, 'shop_id' => $locked->id, 'position' => $position]);
            }
            $this->store->raise($locked);

            return $row->load(['items', 'kit', 'acceptedBy']);
        });
    }

    /**
     * Something has come, or has not after all: the kit is changed with it, and the one it came out of. Said twice, it is so once.
     *
     * @throws InvalidWorkbook when the tool is not in the shop any more
     */
    public function arrive(Shop $shop, User $user, int $plan, int $item, bool $hasArrived): PlanRow
    {
        return $this->store->change($shop, function (Shop $locked) use ($user, $plan, $item, $hasArrived): PlanRow {
            $row = $locked->plans()->whereKey($plan)->firstOrFail();
            /** @var PlanItem $of */
            $of = $row->items()->whereKey($item)->firstOrFail();
            if (($of->arrived_at !== null) !== $hasArrived) {
                $of->update(['arrived_at' => $hasArrived ? now() : null, 'arrived_by' => $hasArrived ? $user->id : null]);
                $changes = $of->means === Means::PerPiece->value ? [] : array_values(array_filter([
                    $this->counted($locked, $row->kit->code, $of->tool, $hasArrived ? 1 : -1),
                    $of->from_kit === null ? null : $this->counted($locked, $of->from_kit, $of->tool, $hasArrived ? -1 : 1),
                ]));
                $changes === [] ? $this->store->raise($locked) : $this->changes->write($locked, Event::of($changes), $changes);
            }

            return $row->load(['items', 'kit', 'acceptedBy']);
        });
    }

    /** @throws ConflictHttpException when something of it has arrived */
    public function takeBack(Shop $shop, int $plan): void
    {
        $this->store->change($shop, function (Shop $locked) use ($plan): void {
            $row = $locked->plans()->whereKey($plan)->firstOrFail();
            if ($row->items()->whereNotNull('arrived_at')->exists()) {
                throw new ConflictHttpException('Something of this plan has arrived already. Say first that it has not, or let the plan stand.');
            }
            $row->delete();
            $this->store->raise($locked);
        });
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

    /** @return list<array<string, mixed>> */
    private static function items(PlanQuestion $question, Plan $plan): array
    {
        $wanted = array_column(array_slice((new PlanWriter())->buyingList(BuyingRow::of($plan, $question)), 1), 1);
        $items = [];
        foreach ($plan->add as $at => $addition) {
            $way = $addition->way;
            $items[] = ['tool' => $way->tool->id, 'name' => $way->tool->name, 'wanted' => $wanted[$at], 'means' => $way->means->value, 'from_kit' => $way->from, 'cost' => $way->cost];
        }
        $paid = [];
        foreach ($plan->paid as $step) {
            $tool = $step->way->tool;
            $paid[$tool->id] = ['tool' => $tool->id, 'name' => $tool->name, 'wanted' => '', 'means' => Means::PerPiece->value, 'from_kit' => null, 'cost' => ($paid[$tool->id]['cost'] ?? 0) + $step->cost()];
        }

        return [...$items, ...array_values($paid)];
    }
}
