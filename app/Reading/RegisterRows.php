<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Shop;
use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Log\What;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** The rows of a shop's things one by one and of its log, and what they name in the other lists. */
final readonly class RegisterRows
{
    /**
     * What has happened, in the order in which it was written, with what was voided of it and by what.
     *
     * @param list<string>|null $assets  only to these, by their tags; null for everything
     * @param list<string>      $entries and these besides
     * @param list<What>        $kinds   and all of these kinds
     *
     * @return Collection<int, \stdClass>
     */
    public static function log(Shop $shop, ?array $assets, array $entries = [], array $kinds = []): Collection
    {
        $all = $shop->logEntries()->orderBy('id');
        if ($assets === null) {
            return $all->toBase()->get();
        }
        if ($assets === [] && $entries === [] && $kinds === []) {
            return new Collection();
        }
        $things = $shop->listed(WorkbookList::Assets->value)->whereIn('code', $assets)->select('id');
        $asked = $shop->logEntries()->where(static fn(Builder $of): Builder => $of->whereIn('asset_id', $things)->orWhereIn('code', $entries)->orWhereIn('what', array_column($kinds, 'value')));

        return $all->where(static fn(Builder $of): Builder => $of->whereIn('id', (clone $asked)->select('id'))->orWhereIn('voids_id', (clone $asked)->select('id')))->toBase()->get();
    }

    /**
     * The lists with what things and entries name in them, behind what was there.
     *
     * @param array<string, Collection<int, \stdClass>> $rows by list
     * @param Collection<int, \stdClass>                $log
     *
     * @return array<string, Collection<int, \stdClass>>
     */
    public static function withNamed(Shop $shop, array $rows, Collection $log): array
    {
        $rows = ClassRows::withNamed($shop, $rows);
        $held = $rows['boxes']->flatMap(static fn(\stdClass $box): array => array_column((array) json_decode($box->holds, flags: JSON_THROW_ON_ERROR), 'stock'))->diff($rows['stock']->pluck('code'));
        if ($held->isNotEmpty()) {
            $rows['stock'] = $rows['stock']->concat($shop->listed('stock')->whereIn('code', $held->unique()->values())->orderBy('position')->toBase()->get());
        }
        $named = [
            'stock' => $log->pluck('stock_id'),
            'tools' => $rows['assets']->pluck('tool_id')->concat($log->pluck('tool_id')),
            'kits' => $rows['assets']->pluck('home_id')->concat($log->pluck('kit_id')),
            'wires' => $log->pluck('wire_id'),
            'people' => $log->pluck('by_id')->concat($log->pluck('person_id')),
        ];
        foreach ($named as $list => $ids) {
            $missing = $ids->filter()->unique()->diff($rows[$list]->pluck('id'));
            if ($missing->isNotEmpty()) {
                $rows[$list] = $rows[$list]->concat($shop->listed($list)->whereIntegerInRaw('id', $missing)->orderBy('position')->toBase()->get());
            }
        }
        $missing = $log->pluck('terminal_id')->concat($rows['stock']->pluck('terminal_id'))->filter()->unique()->diff($rows['terminals']->pluck('id'));
        if ($missing->isNotEmpty()) {
            $rows['terminals'] = $rows['terminals']->concat($shop->terminals()->whereIntegerInRaw('id', $missing)->orderBy('position')->toBase()->get());
        }

        return $rows;
    }

    /**
     * @param Collection<int, \stdClass> $assets
     * @param array<int, string>         $tools  ids by row
     * @param array<int, string>         $kits   ids by row
     *
     * @return list<\stdClass>
     */
    public static function assets(Collection $assets, array $tools, array $kits): array
    {
        $columns = Columns::of(Asset::class);

        return array_values($assets->map(static function (\stdClass $row) use ($columns, $tools, $kits): \stdClass {
            $item = $columns->toItem($row);
            $item->tool = $tools[$row->tool_id];
            if ($row->home_id !== null) {
                $item->home = $kits[$row->home_id];
            }

            return $item;
        })->all());
    }

    /**
     * @param Collection<int, \stdClass> $log
     *
     * @return list<\stdClass> as the codec writes them
     */
    public static function entries(Collection $log): array
    {
        return array_values($log->map(static fn(\stdClass $row): \stdClass => json_decode($row->entry, flags: JSON_THROW_ON_ERROR))->all());
    }
}
