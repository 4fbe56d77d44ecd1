<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\ListRow;
use App\Models\Shop;
use App\Reading\Columns;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Tool\Cost;
use Gondrik\Core\Workbook\ObjectPlan;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Where a thing of the shop is used. */
final readonly class Uses
{
    /** So many are named; their number is told in any case. */
    private const NAMED = 50;

    public function __construct(private UsesInRegister $register = new UsesInRegister(), private UsesInClasses $classes = new UsesInClasses()) {}

    /**
     * Whether any of some things is used; most that go together are not, and are asked about once.
     *
     * @param list<string> $ids
     */
    public function areUsed(Shop $shop, WorkbookList $list, array $ids): bool
    {
        $rows = ShopWorkbook::of($shop, $list)->whereIn('code', $ids)->pluck('id');

        return match ($list) {
            WorkbookList::Wires => $shop->lines()->where(static fn(Builder $lines): Builder => $lines->whereIntegerInRaw('wire_id', $rows)->orWhereIntegerInRaw('wire_b_id', $rows))->exists(),
            WorkbookList::Terminals => $shop->lines()->whereIntegerInRaw('terminal_id', $rows)->exists()
                || $shop->listed(WorkbookList::Stock->value)->whereIntegerInRaw('terminal_id', $rows)->exists(),
            WorkbookList::Tools => $shop->kitTools()->whereIntegerInRaw('tool_id', $rows)->exists()
                || $shop->tools()->whereRaw('jsonb_exists_any(requires, ?::text[])', ['{' . implode(',', $ids) . '}'])->exists(),
            WorkbookList::Kits => $this->kitsNaming($shop, $ids)->exists(),
            WorkbookList::Stock => self::boxesHolding($shop, $ids)->exists(),
            default => false,
        } || $this->register->areUsed($shop, $list, array_values($rows->all())) || $this->classes->areUsed($shop, $list, $ids);
    }

    /** @throws InUse when it is */
    public function refuse(Shop $shop, WorkbookList $list, string $id): void
    {
        [$name, $uses, $count] = $this->of($shop, $list, $id);
        if ($uses !== []) {
            throw new InUse($name, $uses, $count);
        }
    }

    /**
     * @return array{string, list<array{list: string, id: string, name: string, scope?: string}>, int} its name, the first of its uses, and how many there are
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function of(Shop $shop, WorkbookList $list, string $id): array
    {
        $row = ShopWorkbook::of($shop, $list)->where('code', $id)->firstOrFail();
        [$uses, $count] = match ($list) {
            WorkbookList::Wires => self::lines($shop, 'wire_id', 'wire_b_id', $row->id),
            WorkbookList::Terminals => self::ofTerminal($shop, $row->id),
            WorkbookList::Tools => self::tools($shop, $row->id, $id),
            WorkbookList::Kits => self::named(['kits' => $this->kitsNaming($shop, [$id])->orderBy('position')->get(['code', 'name'])]),
            WorkbookList::Stock => self::named(['boxes' => self::boxesHolding($shop, [$id])->orderBy('position')->get(['code', 'name'])]),
            default => [[], 0],
        };
        [$more, $others] = $this->register->of($shop, $list, $row->id, self::NAMED);

        [$taught, $inClasses] = $this->classes->of($shop, $list, $id, self::NAMED);

        return [$row->name, array_slice([...$uses, ...$more, ...$taught], 0, self::NAMED), $count + $others + $inClasses];
    }

    /** @return list<array{id: string, name: string}> others of its list that say the same of themselves, whatever they are called and cost */
    public function alike(Shop $shop, WorkbookList $list, string $id): array
    {
        $row = ShopWorkbook::of($shop, $list)->where('code', $id)->firstOrFail();
        $own = ['id', 'name', 'note', ...array_column(ObjectPlan::of(Cost::class)->keys(), 'name')];
        $said = array_filter(array_keys(Columns::of($list->class())->named()), static fn(string $key): bool => !in_array($key, $own, true));
        $columns = array_map(static fn(string $key): string => Columns::of($list->class())->named()[$key], array_values($said));
        $same = implode(' and ', array_map(static fn(string $column): string => 'other.' . $column . ' is not distinct from ' . $list->value . '.' . $column, $columns));

        return array_values(ShopWorkbook::of($shop, $list)->whereKeyNot($row->id)
            ->whereRaw('exists (select 1 from ' . $list->value . ' as other where other.id = ? and ' . $same . ')', [$row->id])
            ->orderBy('position')->limit(self::NAMED)->get(['code', 'name'])
            ->map(static fn(ListRow $other): array => ['id' => $other->code, 'name' => $other->name])->all());
    }

    /** @return array{list<array{list: string, id: string, name: string, scope: string}>, int} */
    private static function lines(Shop $shop, string $column, string $other, int $id): array
    {
        $found = $shop->lines()->where(static fn(Builder $lines): Builder => $lines->where($column, $id)->orWhere($other, $id));
        $named = (clone $found)->orderBy('scope_id')->orderBy('position')->limit(self::NAMED)->get(['scope_id', 'code']);
        $uses = [];
        foreach ($shop->scopes()->whereIn('id', $named->pluck('scope_id'))->orderBy('position')->get(['id', 'code', 'name']) as $scope) {
            foreach ($named->where('scope_id', $scope->id) as $line) {
                $uses[] = ['list' => 'lines', 'id' => $line->code, 'name' => $scope->name, 'scope' => $scope->code];
            }
        }

        return [$uses, $found->count()];
    }

    /** @return array{list<array{list: string, id: string, name: string, scope?: string}>, int} its lines, and the stock that is kept of it */
    private static function ofTerminal(Shop $shop, int $terminal): array
    {
        [$lines, $count] = self::lines($shop, 'terminal_id', 'terminal_id', $terminal);
        [$stock, $more] = self::named(['stock' => $shop->listed(WorkbookList::Stock->value)->where('terminal_id', $terminal)->get(['code', 'name'])]);

        return [[...$lines, ...$stock], $count + $more];
    }

    /**
     * Divided boxes that hold one of these.
     *
     * @param list<string> $ids
     *
     * @return HasMany<covariant ListRow, Shop>
     */
    private static function boxesHolding(Shop $shop, array $ids): HasMany
    {
        return $shop->listed(WorkbookList::Boxes->value)->whereRaw("exists (select 1 from jsonb_array_elements(holds) as part where part ->> 'stock' = any(?::text[]))", ['{' . implode(',', $ids) . '}']);
    }

    /** @return array{list<array{list: string, id: string, name: string}>, int} */
    private static function tools(Shop $shop, int $tool, string $id): array
    {
        $kits = $shop->kits()->whereIn('id', $shop->kitTools()->where('tool_id', $tool)->select('kit_id'))->orderBy('position')->get(['code', 'name']);
        $tools = $shop->tools()->whereRaw('requires @> to_jsonb(?::text)', [$id])->orderBy('position')->get(['code', 'name']);

        return self::named(['kits' => $kits, 'tools' => $tools]);
    }

    /**
     * Kits that share one of these, or are a copy of one.
     *
     * @param list<string> $ids
     *
     * @return HasMany<covariant ListRow, Shop>
     */
    private function kitsNaming(Shop $shop, array $ids): HasMany
    {
        $of = '{' . implode(',', $ids) . '}';

        return $shop->listed(WorkbookList::Kits->value)->whereRaw('(jsonb_exists_any(shares, ?::text[]) or "like" = any(?::text[])) and code <> all(?::text[])', [$of, $of, $of]);
    }

    /**
     * @param array<string, iterable<ListRow>> $rows by list
     *
     * @return array{list<array{list: string, id: string, name: string}>, int}
     */
    private static function named(array $rows): array
    {
        $uses = [];
        foreach ($rows as $list => $of) {
            foreach ($of as $row) {
                $uses[] = ['list' => $list, 'id' => $row->code, 'name' => $row->name];
            }
        }

        return [array_slice($uses, 0, self::NAMED), count($uses)];
    }
}
