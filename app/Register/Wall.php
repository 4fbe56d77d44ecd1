<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\ListRow;
use App\Models\LogEntry;
use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\OnDay\DueDates;
use Gondrik\Core\OnDay\Inventory;
use Gondrik\Core\OnDay\Lasting;
use Gondrik\Core\OnDay\ModelCount;
use Gondrik\Core\Output\AssetWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The things of a shop one by one, as they are on a day. */
final readonly class Wall
{
    public function __construct(private ShopWorkbook $shops) {}

    /** @return array<string, mixed> every thing, with the kits, people and models that it names */
    public function on(Shop $shop, Day $day): array
    {
        $workbook = $this->shops->read($shop, Needs::of()->withRegister());
        $rulers = new RulerWriter();
        $writer = new AssetWriter($day, $workbook->rules()->duesThatCount);
        $byModel = [];
        foreach ($workbook->onDay()->histories as $history) {
            $byModel[$history->asset->tool->id][] = $history;
        }
        $models = array_values(array_filter($workbook->tools, static fn(Tool $tool): bool => isset($byModel[$tool->id])));

        return [
            'on' => $day->plain(),
            'today' => now()->toDateString(),
            'kits' => self::kits($workbook, $day),
            'people' => array_map(static fn(Person $person): array => ['id' => $person->id, 'name' => $person->name, 'until' => $person->until?->plain()], $workbook->register->people),
            'models' => (object) array_combine(
                array_map(static fn(Tool $tool): string => $tool->id, $models),
                array_map(static fn(Tool $tool): array => [
                    'name' => $tool->name,
                    'kind' => $tool->kind->value,
                    'lanes' => $rulers->lanes(ToolRuler::of($tool)),
                    'lasting' => [...get_object_vars(Lasting::of($byModel[$tool->id], $day)), 'practice' => AssetWriter::lasts($tool)],
                ], $models),
            ),
            'findings' => AssetWriter::findings($workbook->rules()),
            'ticks' => $rulers->ticks(),
            'dues' => array_map($writer->due(...), DueDates::of($workbook->onDay()->histories, $day, Dues::DAYS)),
            'duesTo' => $day->plus(Dues::DAYS)->plain(),
            'things' => array_map($writer->thing(...), $workbook->onDay()->histories),
        ];
    }

    /**
     * @param list<string> $tags without any, all
     *
     * @return non-empty-list<Asset> in the order of the shop
     *
     * @throws InvalidWorkbook naming the tags that the shop does not have, or that it has no things
     */
    public function named(Shop $shop, array $tags): array
    {
        $all = $this->shops->read($shop, Needs::of()->withRegister())->register->assets;
        $unknown = array_diff($tags, array_map(static fn(Asset $asset): string => $asset->id, $all));
        if ($unknown !== []) {
            throw new InvalidWorkbook(array_map(static fn(string $tag): Problem => new Problem('tags', $tag, 'must be the tag of a thing of the shop'), array_values($unknown)));
        }
        $things = array_values(array_filter($all, static fn(Asset $asset): bool => $tags === [] || in_array($asset->id, $tags, true)));

        return $things === [] ? throw new InvalidWorkbook([new Problem('tags', null, 'must name things: the shop has none yet')]) : $things;
    }

    /**
     * All that has happened to one thing, the newest first, with what was voided of it.
     *
     * @return list<array<string, mixed>>
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function timeline(Shop $shop, string $tag): array
    {
        $row = $shop->listed('assets')->where('code', $tag)->firstOrFail();
        $entries = $shop->logEntries()->where('asset_id', $row->id)->orderByDesc('on')->orderByDesc('id')->get();
        $voids = $shop->logEntries()->whereIntegerInRaw('voids_id', $entries->pluck('id'))->get()->keyBy('voids_id');
        $users = $shop->users()->pluck('name', 'id');
        $told = static fn(LogEntry $entry): array => ['by' => $users[$entry->user_id ?? 0] ?? null, 'at' => $entry->created_at->toIso8601ZuluString()];

        return array_values($entries->map(static fn(LogEntry $entry): array => [
            'entry' => json_decode($entry->entry, flags: JSON_THROW_ON_ERROR),
            'written' => $told($entry),
            'voided' => isset($voids[$entry->id]) ? $told($voids[$entry->id]) : null,
        ])->all());
    }

    /** @return list<array<string, mixed>> each with what of it is planned and not there, or there and not planned; of a copy what it differs in */
    private static function kits(Workbook $workbook, Day $day): array
    {
        $kits = array_column($workbook->kits, null, 'id');
        $inventory = static fn(Kit $kit): Inventory => Inventory::of($kit, $workbook->onDay()->histories, $day);
        $written = static fn(ModelCount $count): array => ['tool' => $count->tool->id, 'name' => $count->tool->name, 'wanted' => $count->wanted, 'tags' => $count->tags];

        return array_map(static fn(Kit $kit): array => [
            'id' => $kit->id,
            'name' => $kit->name,
            'tracked' => $kit->tracked,
            'unlikePaper' => $kit->tracked ? array_map($written, $inventory($kit)->againstPaper()) : [],
            'like' => isset($kits[$kit->like ?? '']) ? $kit->like : null,
            'drift' => $kit->tracked && isset($kits[$kit->like ?? '']) ? array_map($written, $inventory($kit)->against($inventory($kits[$kit->like ?? '']))) : [],
        ], $workbook->kits);
    }
}
