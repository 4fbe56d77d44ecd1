<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\Shop;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Support\Facades\DB;

/** Puts a workbook into a shop: added to and changed by id, in one transaction; a second time changes nothing. */
final readonly class WorkbookImport
{
    public function __construct(
        private ShopWorkbook $shops = new ShopWorkbook(),
        private ObjectCodec $objects = new ObjectCodec(),
    ) {}

    /**
     * A dry run: nothing is written.
     *
     * @throws InvalidWorkbook when the workbook does not go together with what the shop has
     */
    public function plan(Shop $shop, Workbook $coming): ImportPlan
    {
        $has = $this->shops->whole($shop);
        $this->refuseWhatBreaksTheShop($has, $coming);

        return ImportPlan::between($has, $coming);
    }

    /**
     * @return ImportPlan what was done
     *
     * @throws InvalidWorkbook and then nothing has changed
     */
    public function apply(Shop $shop, Workbook $coming): ImportPlan
    {
        return DB::transaction(function () use ($shop, $coming): ImportPlan {
            // Two imports at once come one after the other, and the second sees what the first did.
            $locked = $shop->lock();
            $plan = $this->plan($locked, $coming);
            if ($plan->changesHouseRules && $coming->houseRules !== null) {
                $locked->update(['house_rules' => $this->objects->write($coming->houseRules)]);
            }
            foreach (['wires' => $coming->wires, 'terminals' => $coming->terminals, 'tools' => $coming->tools] as $table => $things) {
                $this->upsert($locked, $table, $this->touched($things, $plan->touched[$table]));
            }
            $this->writeKits($locked, $this->touched($coming->kits, $plan->touched['kits']));
            $this->writeScopes($locked, $this->touched($coming->scopes, $plan->touched['scopes']));

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
        DB::transaction(function () use ($shop, $before): void {
            // What refers goes before what it refers to, and comes back after it.
            $this->keepOnly($shop, ['scopes' => $before->scopes, 'kits' => $before->kits]);
            $this->apply($shop, $before);
            $this->keepOnly($shop, ['tools' => $before->tools, 'terminals' => $before->terminals, 'wires' => $before->wires]);
            $shop->update(['house_rules' => $before->houseRules === null ? null : $this->objects->write($before->houseRules)]);
        });
    }

    /** @param array<string, list<Wire|Terminal|Tool|Kit|Scope>> $lists things by table */
    private function keepOnly(Shop $shop, array $lists): void
    {
        foreach ($lists as $table => $things) {
            $codes = array_map(static fn(Wire|Terminal|Tool|Kit|Scope $thing): string => $thing->id, $things);
            DB::table($table)->where('shop_id', $shop->id)->whereNotIn('code', $codes)->delete();
        }
    }

    /** A changed terminal may break a line that is not in the workbook: the shop as it would be is read as a whole. */
    private function refuseWhatBreaksTheShop(Workbook $has, Workbook $coming): void
    {
        $codec = new WorkbookCodec();
        $merged = $codec->toData($coming);
        foreach (get_object_vars($codec->toData($has)) as $list => $items) {
            if (in_array($list, ImportPlan::LISTS, true)) {
                $ids = array_column($merged->{$list} ?? [], 'id');
                $kept = array_filter($items, static fn(\stdClass $item): bool => !in_array($item->id, $ids, true));
                $merged->{$list} = [...$merged->{$list} ?? [], ...array_values($kept)];
            }
        }
        $codec->readStored($merged);
    }

    /**
     * @template T of Wire|Terminal|Tool|Kit|Scope
     *
     * @param list<T>      $things
     * @param list<string> $ids
     *
     * @return list<T>
     */
    private function touched(array $things, array $ids): array
    {
        return array_values(array_filter($things, static fn(Wire|Terminal|Tool|Kit|Scope $thing): bool => in_array($thing->id, $ids, true)));
    }

    /**
     * @param list<object> $things
     * @param list<string> $without keys that have rows of their own
     */
    private function upsert(Shop $shop, string $table, array $things, array $without = []): void
    {
        if ($things === []) {
            return;
        }
        $last = (int) DB::table($table)->where('shop_id', $shop->id)->max('position');
        $rows = [];
        foreach ($things as $index => $thing) {
            $row = Columns::fromItem($this->objects->write($thing, whole: true), $without);
            $rows[] = [...$row, 'shop_id' => $shop->id, 'position' => $last + 1 + $index, 'created_at' => now(), 'updated_at' => now()];
        }
        // What is there already keeps its place.
        $changing = array_values(array_diff(array_keys($rows[0]), ['shop_id', 'code', 'position', 'created_at']));
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table($table)->upsert($chunk, ['shop_id', 'code'], $changing);
        }
    }

    /** @param list<Kit> $kits */
    private function writeKits(Shop $shop, array $kits): void
    {
        $this->upsert($shop, 'kits', $kits, ['tools']);
        $kitIds = $shop->kits()->pluck('id', 'code');
        $toolIds = $shop->tools()->pluck('id', 'code');
        foreach ($kits as $kit) {
            DB::table('kit_tools')->where('kit_id', $kitIds[$kit->id])->delete();
            DB::table('kit_tools')->insert(array_map(static fn(KitEntry $entry, int $position): array => [
                'shop_id' => $shop->id,
                'kit_id' => $kitIds[$kit->id],
                'tool_id' => $toolIds[$entry->tool->id],
                'count' => $entry->count,
                'position' => $position,
            ], $kit->tools, array_keys($kit->tools)));
        }
    }

    /** @param list<Scope> $scopes */
    private function writeScopes(Shop $shop, array $scopes): void
    {
        $this->upsert($shop, 'scopes', $scopes, ['lines']);
        $scopeIds = $shop->scopes()->pluck('id', 'code');
        $wireIds = $shop->wires()->pluck('id', 'code');
        $terminalIds = $shop->terminals()->pluck('id', 'code');
        foreach ($scopes as $scope) {
            $rows = array_map(fn(Line $line, int $position): array => [
                ...Columns::fromItem($this->objects->write($line, whole: true), ['wire', 'terminal', 'wireB']),
                'shop_id' => $shop->id,
                'scope_id' => $scopeIds[$scope->id],
                'position' => $position,
                'wire_id' => $line->wire === null ? null : $wireIds[$line->wire->id],
                'terminal_id' => $line->terminal === null ? null : $terminalIds[$line->terminal->id],
                'wire_b_id' => $line->wireB === null ? null : $wireIds[$line->wireB->id],
            ], $scope->lines, array_keys($scope->lines));
            DB::table('lines')->where('scope_id', $scopeIds[$scope->id])->whereNotIn('code', array_column($rows, 'code'))->delete();
            foreach (array_chunk($rows, 500) as $chunk) {
                DB::table('lines')->upsert($chunk, ['scope_id', 'code']);
            }
        }
    }
}
