<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Day;

/**
 * The kits of a shop with what counts in them: on paper all that is packed, on a day of a tracked kit the things that count in it
 * then. Behind its own stand the tools of the kits that it shares; what those share is not passed on.
 */
final readonly class ShopOnDay
{
    /**
     * @param array<string, Kit> $kits      by id
     * @param list<AssetHistory> $histories in the order of the workbook
     */
    private function __construct(private array $kits, public array $histories) {}

    /**
     * @param list<Kit>    $kits
     * @param list<Asset>  $assets
     * @param list<Entry>  $log      in the order of the workbook
     * @param PullStandard $standard by the shop's rules: what a pull must hold
     */
    public static function of(array $kits, array $assets, array $log, PullStandard $standard): self
    {
        $inForce = Log::of($log);
        $histories = array_map(static fn(Asset $asset): AssetHistory => new AssetHistory($asset, $inForce->about($asset->id), $standard), $assets);

        return new self(array_column($kits, null, 'id'), $histories);
    }

    /**
     * @param Day|null   $day     null: on paper
     * @param list<Tool> $with    a good one of each comes to it
     * @param list<Tool> $without are barred, its own and shared ones
     */
    public function kit(Kit $kit, ?Day $day, HouseRules $rules, array $with = [], array $without = []): KitOnDay
    {
        $shared = array_merge(...array_map(fn(Kit $of): array => $this->parts($of, $day, $rules), $this->shared($kit)));
        $stands = KitAsItStands::of($kit, $this->parts($kit, $day, $rules), $shared)->without(...array_map(static fn(Tool $tool): string => $tool->id, $without));
        foreach ($with as $tool) {
            $stands = $stands->oneMore($tool);
        }

        return new KitOnDay($stands, $day, $this->away($kit, $day, $rules));
    }

    /** @return list<Mending> of the things that belong into a tracked kit and would count in it again, in the order of the workbook */
    public function mendings(Kit $kit, Day $day, HouseRules $rules): array
    {
        $mendings = [];
        foreach ($kit->tracked ? $this->histories : [] as $history) {
            $state = $history->on($day);
            $mending = $state->home?->id === $kit->id ? $state->mending($rules->duesThatCount) : null;
            $mendings = [...$mendings, ...$mending === null ? [] : [$mending]];
        }

        return $mendings;
    }

    /** What takes part in a kit of its own, without what its people may fetch. */
    public function own(Kit $kit, ?Day $day, HouseRules $rules): KitAsItStands
    {
        return KitAsItStands::of($kit, $this->parts($kit, $day, $rules));
    }

    /** The same shop as if it had no thing of this tag. */
    public function without(string $asset): self
    {
        return new self($this->kits, array_values(array_filter($this->histories, static fn(AssetHistory $history): bool => $history->asset->id !== $asset)));
    }

    /** @return list<Kit> whose tools the kit's people may fetch */
    public function shared(Kit $kit): array
    {
        return array_values(array_filter(array_map(fn(string $id): ?Kit => $this->kits[$id] ?? null, $kit->shares)));
    }

    /** @return list<TakingPart> */
    private function parts(Kit $kit, ?Day $day, HouseRules $rules): array
    {
        if ($day === null || !$kit->tracked) {
            return KitAsItStands::packed($kit);
        }
        $things = [];
        foreach ($this->histories as $history) {
            $standing = $history->on($day)->standing($kit->id, $rules->duesThatCount);
            if ($standing->counts) {
                $things[$history->asset->tool->id][] = [$history->asset, $standing];
            }
        }
        $parts = [];
        // Those that it lists, in their order, then the others in the order of their first thing.
        foreach ([...array_map(static fn(KitEntry $entry): string => $entry->tool->id, $kit->tools), ...array_map(strval(...), array_keys($things))] as $model) {
            foreach (isset($parts[$model]) || !isset($things[$model]) ? [] : [$things[$model]] as $of) {
                $seldom = array_filter($of, static fn(array $one): bool => $one[1]->code === AwayCode::Seldom);
                $parts[$model] = new TakingPart($of[0][0]->tool, count($of), count($seldom), false, array_map(static fn(array $one): string => $one[0]->id, $of));
            }
        }

        return array_values($parts);
    }

    /** @return list<AssetStanding> */
    private function away(Kit $kit, ?Day $day, HouseRules $rules): array
    {
        if ($day === null || !$kit->tracked) {
            return [];
        }
        $away = [];
        foreach ($this->histories as $history) {
            $state = $history->on($day);
            $standing = $state->home?->id === $kit->id ? $state->standing($kit->id, $rules->duesThatCount) : null;
            if ($standing?->counts === false) {
                $away[] = new AssetStanding($history->asset, $standing);
            }
        }

        return $away;
    }
}
