<?php

declare(strict_types=1);

namespace App\Writing;

use App\History\Change;
use App\History\Place;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Shop;
use App\Models\ShopSettings;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Workbook\RulesCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Support\Carbon;

/**
 * What people have made of a thing of the workbook and the workbook does not hold: what the shop calls a wire or terminal, and the
 * plans that were accepted for a kit. The database would take it along with the thing; here it goes and comes as a change of its
 * own, so that an undo brings it back. What its prices are in belongs to the shop itself.
 */
final readonly class Belongings
{
    /** The list of a change about what something is called: its id is the thing's, its scope the thing's list. */
    public const CALLED = 'called';

    public const PLANS = 'plans';

    public function __construct(private ShopStore $store = new ShopStore(), private RulesCodec $rules = new RulesCodec()) {}

    public static function has(Place $place): bool
    {
        return in_array($place->list, [self::CALLED, self::PLANS, Place::CURRENCY, Place::SETTINGS, Place::RULES, Place::PROPOSED], true);
    }

    public static function called(WorkbookList $list, string $id): Place
    {
        return new Place(self::CALLED, $id, $list->value);
    }

    /**
     * Whether people have made anything of some things.
     *
     * @param list<string> $ids
     */
    public function areMadeOf(Shop $shop, WorkbookList $list, array $ids): bool
    {
        $rows = ShopWorkbook::of($shop, $list)->whereIn('code', $ids)->pluck('id');

        return match ($list) {
            WorkbookList::Wires, WorkbookList::Terminals => $shop->aliases()->whereIntegerInRaw($list->one() . '_id', $rows)->exists()
                || ShopWorkbook::of($shop, $list)->whereIntegerInRaw('id', $rows)->whereNotNull('proposed_by')->exists(),
            WorkbookList::Kits => $shop->plans()->whereIntegerInRaw('kit_id', $rows)->exists(),
            default => false,
        };
    }

    /**
     * All that goes with a thing.
     *
     * @return list<Change>
     */
    public function goingWith(Shop $shop, WorkbookList $list, string $id): array
    {
        $places = match ($list) {
            WorkbookList::Wires, WorkbookList::Terminals => [self::called($list, $id), Place::proposed($list, $id)],
            WorkbookList::Kits => array_map(static fn(int $plan): Place => new Place(self::PLANS, (string) $plan), $this->plansOf($shop, $id)),
            default => [],
        };
        $changes = array_map(fn(Place $place): Change => new Change($place, $this->present($shop, $place), null), $places);

        return array_values(array_filter($changes, static fn(Change $change): bool => $change->before !== null));
    }

    /** What stands at such a place now; null for nothing. */
    public function present(Shop $shop, Place $place): ?\stdClass
    {
        if ($place->list === self::CALLED) {
            $words = $this->words($shop, $place);

            return $words === [] ? null : (object) ['words' => $words];
        }
        if ($place->list === Place::CURRENCY) {
            return (object) ['code' => $shop->currency];
        }
        if ($place->list === Place::SETTINGS) {
            return (object) ShopSettings::of($shop);
        }
        if ($place->list === Place::RULES) {
            // In one order, whatever the database has made of it.
            return $shop->house_rules === null ? null : $this->rules->write($this->rules->read($shop->house_rules));
        }
        if ($place->list === Place::PROPOSED) {
            $by = ShopWorkbook::of($shop, WorkbookList::from((string) $place->scope))->where('code', $place->id)->value('proposed_by');

            return $by === null ? null : (object) ['by' => $by];
        }
        $plan = $shop->plans()->with(['items', 'kit'])->whereKey((int) $place->id)->first();

        return $plan === null ? null : self::plan($plan);
    }

    /**
     * Writes changes of belongings; what they belong to is there.
     *
     * @param list<Change> $changes
     *
     * @throws ChangedMeanwhile where a word names something else by now
     */
    public function write(Shop $shop, array $changes): void
    {
        foreach ($changes as $change) {
            if ($change->place->list === self::CALLED) {
                $this->forget($shop, $change->place, $change->after->words ?? []);
            }
        }
        foreach ($changes as $change) {
            match (true) {
                $change->place->list === self::CALLED => $this->call($shop, $change->place, $change->after->words ?? []),
                $change->place->list === Place::PROPOSED => $this->store->putProposed($shop, WorkbookList::from((string) $change->place->scope), $change->place->id, $change->after->by ?? null),
                $change->place->list === Place::CURRENCY => $this->store->putCurrency($shop, $change->after->code ?? $shop->currency),
                $change->place->list === Place::SETTINGS => $this->store->putSettings($shop, get_object_vars($change->after ?? new \stdClass())),
                $change->place->list === Place::RULES => $this->store->putHouseRules($shop, $change->after === null ? null : $this->rules->read($change->after)),
                $change->after === null => $shop->plans()->whereKey((int) $change->place->id)->delete(),
                default => $this->putPlan($shop, (int) $change->place->id, $change->after),
            };
        }
        if ($changes !== []) {
            $this->store->raise($shop);
        }
    }

    /**
     * Where what would be left of a shop is without something that people have made something of.
     *
     * @param array<string, list<string>> $left ids of what stays, by list
     *
     * @throws InUse naming the first of them
     */
    public function refuseLoss(Shop $shop, array $left): void
    {
        foreach ([WorkbookList::Kits, WorkbookList::Wires, WorkbookList::Terminals] as $list) {
            foreach (ShopWorkbook::of($shop, $list)->whereNotIn('code', $left[$list->value] ?? [])->orderBy('position')->get(['code', 'name']) as $thing) {
                $uses = array_map(static fn(Change $change): array => [
                    'list' => $change->place->list,
                    'id' => $change->place->id,
                    'name' => $change->place->list === self::PLANS ? 'a plan that was accepted' : 'called “' . implode('”, “', $change->before->words ?? []) . '”',
                ], array_values(array_filter($this->goingWith($shop, $list, $thing->code), static fn(Change $change): bool => $change->place->list !== Place::PROPOSED)));
                if ($uses !== []) {
                    throw new InUse($thing->name, $uses, count($uses));
                }
            }
        }
    }

    /** @return list<int> */
    private function plansOf(Shop $shop, string $kit): array
    {
        $row = $shop->kits()->where('code', $kit)->first();

        return $row === null ? [] : array_values($shop->plans()->where('kit_id', $row->id)->orderBy('id')->pluck('id')->all());
    }

    /** @return list<string> in alphabetical order */
    private function words(Shop $shop, Place $place): array
    {
        $thing = $this->thing($shop, $place);

        return $thing === null ? [] : array_values($shop->aliases()->where(self::column($place), $thing)->orderBy('words')->pluck('words')->all());
    }

    /** @param list<string> $kept */
    private function forget(Shop $shop, Place $place, array $kept): void
    {
        $thing = $this->thing($shop, $place);
        if ($thing !== null) {
            $shop->aliases()->where(self::column($place), $thing)->whereNotIn('words', $kept)->delete();
        }
    }

    /**
     * @param list<string> $words
     *
     * @throws ChangedMeanwhile
     */
    private function call(Shop $shop, Place $place, array $words): void
    {
        $thing = $this->thing($shop, $place);
        if ($thing === null) {
            return;
        }
        foreach ($words as $word) {
            $named = $shop->aliases()->where('words', $word)->whereNotNull(self::column($place))->value(self::column($place));
            if ($named !== null && $named !== $thing) {
                throw new ChangedMeanwhile('“' . $word . '” has become the name of something else since.');
            }
            $this->store->putAlias($shop, WorkbookList::from((string) $place->scope)->one(), $word, $thing);
        }
    }

    private function thing(Shop $shop, Place $place): ?int
    {
        $row = ShopWorkbook::of($shop, WorkbookList::from((string) $place->scope))->where('code', $place->id)->first(['id']);

        return $row?->id;
    }

    private static function column(Place $place): string
    {
        return WorkbookList::from((string) $place->scope)->one() . '_id';
    }

    /** All of a plan, so that it can come back as it was. */
    public static function plan(Plan $plan): \stdClass
    {
        return (object) [
            'kit' => $plan->kit->code,
            'acceptedBy' => $plan->accepted_by,
            'acceptedAt' => $plan->created_at->toIso8601String(),
            'scopes' => $plan->scopes,
            'cost' => $plan->cost,
            'terminations' => $plan->terminations,
            'coveredBefore' => $plan->covered_before,
            'coveredAfter' => $plan->covered_after,
            'items' => array_values($plan->items->map(static fn(PlanItem $item): \stdClass => (object) [
                'id' => $item->id,
                'tool' => $item->tool,
                'name' => $item->name,
                'wanted' => $item->wanted,
                'means' => $item->means,
                'from' => $item->from_kit,
                'cost' => $item->cost,
                'arrivedAt' => $item->arrived_at?->toIso8601String(),
                'arrivedBy' => $item->arrived_by,
            ])->all()),
        ];
    }

    private function putPlan(Shop $shop, int $id, \stdClass $plan): void
    {
        $kit = $shop->kits()->where('code', $plan->kit)->firstOrFail();
        // Whoever it was may have left since.
        $person = static fn(?int $user): ?int => $user !== null && $shop->users()->whereKey($user)->exists() ? $user : null;
        $shop->plans()->whereKey($id)->delete();
        $made = $shop->plans()->forceCreate([
            'id' => $id,
            'kit_id' => $kit->id,
            'accepted_by' => $person($plan->acceptedBy),
            'scopes' => $plan->scopes,
            'cost' => $plan->cost,
            'terminations' => $plan->terminations,
            'covered_before' => $plan->coveredBefore,
            'covered_after' => $plan->coveredAfter,
            'created_at' => Carbon::parse($plan->acceptedAt),
        ]);
        foreach ($plan->items as $position => $item) {
            $made->items()->forceCreate([
                'id' => $item->id,
                'shop_id' => $made->shop_id,
                'position' => $position,
                'tool' => $item->tool,
                'name' => $item->name,
                'wanted' => $item->wanted,
                'means' => $item->means,
                'from_kit' => $item->from,
                'cost' => $item->cost,
                'arrived_at' => $item->arrivedAt === null ? null : Carbon::parse($item->arrivedAt),
                'arrived_by' => $person($item->arrivedBy),
                'created_at' => Carbon::parse($plan->acceptedAt),
            ]);
        }
    }
}
