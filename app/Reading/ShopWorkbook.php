<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Kit;
use App\Models\Line;
use App\Models\ListRow;
use App\Models\Scope;
use App\Models\Shop;
use Gondrik\Core\Scope as CoreScope;
use Gondrik\Core\Tool as CoreTool;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;

/**
 * A shop's rows as a workbook, all of one moment.
 *
 * @phpstan-import-type Thing from WorkbookList
 */
final readonly class ShopWorkbook
{
    public function __construct(private WorkbookCodec $codec = new WorkbookCodec()) {}

    /** Everything the shop has, in the order in which it came. */
    public function whole(Shop $shop): Workbook
    {
        return $this->read($shop, Needs::everything());
    }

    /**
     * One scope with the wires and terminals it names, and one kit, where one is named.
     *
     * @param list<string>|null $tools      more tools that are asked for; null for all
     * @param list<string>|null $lines      only these of the scope; null for all
     * @param bool              $withDays   what a day asks for, too
     * @param bool              $withSkills what people can do, too
     * @param list<string>      $terminals  besides those of the lines
     * @param bool              $withTimes  what was timed, too
     *
     * @throws ModelNotFoundException<Kit|Scope> when the shop has no such kit or scope
     */
    public function pair(Shop $shop, ?string $kit, string $scope, ?array $tools = [], ?array $lines = null, bool $withDays = false, bool $withSkills = false, array $terminals = [], bool $withTimes = false): Workbook
    {
        $needs = Needs::of(terminals: $terminals, tools: $tools, kits: $kit === null ? [] : [$kit], scopes: [$scope])->withLines($lines);

        $needs = $withDays ? $needs->withRegister() : $needs;
        $needs = $withTimes ? $needs->withTimes() : $needs;

        return $this->known($shop, $kit, $scope, $withSkills ? $needs->withSkills() : $needs);
    }

    /**
     * What a line can be made of, a scope without its lines, and a kit where one is named.
     *
     * @param array{wires: list<string>, terminals: list<string>}|null $ends ids; null for all
     *
     * @throws ModelNotFoundException<Kit|Scope> when the shop has no such kit or scope
     */
    public function forEntry(Shop $shop, string $scope, ?string $kit, ?array $ends = null): Workbook
    {
        return $this->known($shop, $kit, $scope, Needs::of(wires: $ends['wires'] ?? null, terminals: $ends['terminals'] ?? null, kits: $kit === null ? [] : [$kit], scopes: [$scope])->withLines([]));
    }

    /**
     * What a plan is made of: every tool, one kit and some scopes; where tools may be moved, all others too.
     *
     * @param list<string>      $scopes
     * @param list<string>|null $terminals besides those of the work; null for all
     * @param bool              $withDays  what a day asks for, too
     */
    public function forPlan(Shop $shop, ?string $kit, array $scopes, ?array $terminals, bool $mayMove, bool $withDays): Workbook
    {
        $needs = $mayMove ? Needs::everything() : Needs::of(terminals: $terminals, tools: null, kits: $kit === null ? [] : [$kit], scopes: $scopes);

        return $this->read($shop, $withDays && !$mayMove ? $needs->withRegister() : $needs);
    }

    /**
     * Those of these wires, terminals, tools and kits that the shop has, and what the tools require.
     *
     * @param list<string> $wires     ids
     * @param list<string> $terminals ids
     * @param list<string> $tools     ids
     * @param list<string> $kits      ids
     */
    public function named(Shop $shop, array $wires, array $terminals, array $tools = [], array $kits = []): Workbook
    {
        return $this->read($shop, Needs::of(wires: $wires, terminals: $terminals, tools: $tools, kits: $kits));
    }

    /**
     * The lines of a scope, with the wires and terminals they name.
     *
     * @param list<string>|null $ids only these; null for all
     *
     * @return list<CoreScope\Line> in their order; of ids those that there are
     *
     * @throws ModelNotFoundException<Scope> when the shop has no such scope
     */
    public function lines(Shop $shop, string $scope, ?array $ids = null): array
    {
        return $this->known($shop, null, $scope, Needs::of(scopes: [$scope])->withLines($ids))->scopes[0]->lines;
    }

    /**
     * @return list<string> ids of the lines of a scope, in their order
     *
     * @throws ModelNotFoundException<Scope> when the shop has no such scope
     */
    public function order(Shop $shop, string $scope): array
    {
        $row = $shop->scopes()->where('code', $scope)->firstOrFail();

        return array_map(strval(...), array_values($shop->lines()->where('scope_id', $row->id)->orderBy('position')->pluck('code')->all()));
    }

    /**
     * A scope's lines as the codec writes them.
     *
     * @param list<string>|null $ids only these; null for all
     *
     * @return list<\stdClass> in their order
     *
     * @throws ModelNotFoundException<Scope> when the shop has no such scope
     */
    public function writtenLines(Shop $shop, string $scope, ?array $ids = null): array
    {
        return array_map((new ObjectCodec())->write(...), $this->lines($shop, $scope, $ids));
    }

    /**
     * Some things of one list, with what they refer to.
     *
     * @param list<string> $ids
     * @param bool         $withLines of scopes
     *
     * @return list<Thing> those that there are, in the order of the ids
     */
    public function things(Shop $shop, WorkbookList $list, array $ids, bool $withLines = false): array
    {
        $workbook = $this->read($shop, Needs::of(...[$list->value => $ids])->withLines($withLines ? null : []));
        $byId = array_column($list->of($workbook), null, 'id');

        return array_values(array_filter(array_map(static fn(string $id): ?object => $byId[$id] ?? null, $ids)));
    }

    /**
     * The lines that are made with some wires or terminals, in their scopes: what another of one of these might break.
     *
     * @param list<string> $ids of wires or terminals
     */
    public function madeWith(Shop $shop, WorkbookList $list, array $ids): Workbook
    {
        return Snapshot::read(function () use ($shop, $list, $ids): Workbook {
            $of = self::of($shop, $list)->whereIn('code', $ids)->pluck('id');
            $lines = $list === WorkbookList::Wires
                ? $shop->lines()->where(static fn(Builder $lines): Builder => $lines->whereIntegerInRaw('wire_id', $of)->orWhereIntegerInRaw('wire_b_id', $of))
                : $shop->lines()->whereIntegerInRaw('terminal_id', $of);
            $none = array_fill_keys(array_column(WorkbookList::cases(), 'value'), new Collection());
            $rows = [...$none, 'scopes' => self::rows($shop->scopes()->whereIn('id', (clone $lines)->select('scope_id')))];

            return $this->made($shop, $this->withThoseOf($lines, $shop, $rows, Needs::of()), new Collection(), self::cursor($lines), new Collection());
        });
    }

    /**
     * What has happened to some things, or to all of some models: what another one of these might make untrue.
     *
     * @param list<string> $ids of things or tools
     */
    public function logged(Shop $shop, WorkbookList $list, array $ids): Workbook
    {
        $assets = $shop->listed(WorkbookList::Assets->value);
        $list === WorkbookList::Assets ? $assets->whereIn('code', $ids) : $assets->whereIn('tool_id', $shop->tools()->whereIn('code', $ids)->select('id'));
        $tags = array_map(strval(...), array_values($assets->whereIn('id', $shop->logEntries()->whereNotNull('asset_id')->select('asset_id'))->pluck('code')->all()));

        return $tags === [] ? new Workbook() : $this->read($shop, Needs::of()->withLogOf($tags));
    }

    /** @return HasMany<covariant ListRow, Shop> the rows of one list */
    public static function of(Shop $shop, WorkbookList $list): HasMany
    {
        return $shop->listed($list->value);
    }

    /**
     * The first wires, terminals and tools of the shop with its house rules: what a draft is tried on.
     *
     * @param int $tools how many; 0 for none
     */
    public function forTrial(Shop $shop, int $wires, int $terminals, int $tools): Workbook
    {
        $all = static fn(int $most): ?array => $most === 0 ? [] : null;

        return $this->read($shop, Needs::of(wires: $all($wires), terminals: $all($terminals), tools: $all($tools))->first(max($wires, $terminals, $tools)));
    }

    /** All of one moment. */
    public function read(Shop $shop, Needs $needs): Workbook
    {
        return Snapshot::read(function () use ($shop, $needs): Workbook {
            $rows = [];
            foreach (WorkbookList::cases() as $list) {
                $rows[$list->value] = $this->some(self::of($shop, $list), $needs, $list);
            }
            $log = RegisterRows::log($shop, $needs->log, $needs->entries, $needs->kinds);
            $rows = RegisterRows::withNamed($shop, $rows, $log);
            if ($needs->log === null) {
                $rows['kits'] = $rows['kits']->concat(self::rows($shop->kits()->whereIntegerNotInRaw('id', $rows['kits']->pluck('id'))));
            }
            $rows['kits'] = $this->withNamed($shop, $rows['kits']);
            $entries = $rows['kits']->isEmpty() ? new Collection() : self::rows($shop->kitTools()->whereIntegerInRaw('kit_id', $rows['kits']->pluck('id')));
            if ($entries->isNotEmpty() && $needs->ids(WorkbookList::Tools) !== null) {
                $rows['tools'] = self::rows($shop->tools()->where(static fn(Builder $of): Builder => $of->whereIntegerInRaw('id', $entries->pluck('tool_id'))->orWhereIntegerInRaw('id', $rows['tools']->pluck('id'))));
            }
            $rows['tools'] = $this->withRequired($shop, $rows['tools']);
            if ($rows['scopes']->isEmpty() || $needs->lines === []) {
                return $this->made($shop, $rows, $entries, [], $log);
            }
            $lines = $shop->lines()->whereIntegerInRaw('scope_id', $rows['scopes']->pluck('id'));
            if ($needs->lines !== null) {
                // Some come from outside: bound one by one, whatever they hold is an id that there is or is not.
                $lines->whereIn('code', $needs->lines);
            }

            return $this->made($shop, $this->withThoseOf($lines, $shop, $rows, $needs), $entries, self::cursor($lines), $log);
        });
    }

    /**
     * @param HasMany<covariant ListRow, Shop> $things
     *
     * @return Collection<int, \stdClass>
     */
    private function some(HasMany $things, Needs $needs, WorkbookList $list): Collection
    {
        $ids = $needs->ids($list);
        if ($ids !== null) {
            $things->whereIn('code', $ids);
        }
        if ($needs->first !== null && $list->isOfModels()) {
            $things->limit($needs->first);
        }

        return $ids === [] ? new Collection() : self::rows($things);
    }

    /**
     * With the wires and terminals of some lines, unless all are there.
     *
     * @param HasMany<Line, Shop>                       $lines
     * @param array<string, Collection<int, \stdClass>> $rows  by list
     *
     * @return array<string, Collection<int, \stdClass>>
     */
    private function withThoseOf(HasMany $lines, Shop $shop, array $rows, Needs $needs): array
    {
        $of = static fn(string $column): HasMany => (clone $lines)->select($column);
        $with = static fn(string $list, HasMany $named): Collection => $rows[$list]->concat(self::rows($named))->unique('id')->sortBy('position')->values();
        if ($needs->ids(WorkbookList::Wires) !== null) {
            $rows['wires'] = $with('wires', $shop->wires()->whereIn('id', $of('wire_id')->union($of('wire_b_id')->toBase())));
        }
        if ($needs->ids(WorkbookList::Terminals) !== null) {
            $rows['terminals'] = $with('terminals', $shop->terminals()->whereIn('id', $of('terminal_id')));
        }

        return $rows;
    }

    /** @throws ModelNotFoundException<Kit|Scope> when the shop has no such kit or scope */
    private function known(Shop $shop, ?string $kit, string $scope, Needs $needs): Workbook
    {
        $workbook = $this->read($shop, $needs);

        return match (true) {
            $workbook->scopes === [] => throw (new ModelNotFoundException())->setModel(Scope::class),
            $kit !== null && ($workbook->kits[0]->id ?? null) !== $kit => throw (new ModelNotFoundException())->setModel(Kit::class),
            default => $workbook,
        };
    }

    /**
     * Which kits these tools are in, and how many of each.
     *
     * @param list<string> $tools ids
     *
     * @return array<string, list<array{id: string, name: string, count: int}>> by tool
     */
    public function kitsOf(Shop $shop, array $tools): array
    {
        $entries = $shop->kitTools()->join('kits', 'kits.id', 'kit_tools.kit_id')->join('tools', 'tools.id', 'kit_tools.tool_id')
            ->whereIn('tools.code', $tools)->orderBy('kits.position')->toBase()
            ->get(['tools.code as tool', 'kits.code as id', 'kits.name', 'kit_tools.count']);
        $kits = [];
        foreach ($entries as $entry) {
            $kits[$entry->tool][] = ['id' => $entry->id, 'name' => $entry->name, 'count' => $entry->count];
        }

        return $kits;
    }

    /**
     * Plain rows, in the order in which they came.
     *
     * @template M of Model
     *
     * @param HasMany<covariant M, Shop> $things
     *
     * @return Collection<int, \stdClass>
     */
    private static function rows(HasMany $things): Collection
    {
        return $things->orderBy('position')->toBase()->get();
    }

    /**
     * The same one by one: a hundred thousand lines do not stand in memory as rows beside what is made of them.
     *
     * @template M of Model
     *
     * @param HasMany<M, Shop> $things
     *
     * @return iterable<\stdClass>
     */
    private static function cursor(HasMany $things): iterable
    {
        return $things->orderBy('position')->toBase()->cursor();
    }

    /**
     * With the kits that some name: whose tools their people may fetch, and of which they are copies. They follow those that were asked for.
     *
     * @param Collection<int, \stdClass> $kits
     *
     * @return Collection<int, \stdClass>
     */
    private function withNamed(Shop $shop, Collection $kits): Collection
    {
        $names = static fn(\stdClass $kit): array => [...(array) json_decode($kit->shares, flags: JSON_THROW_ON_ERROR), ...array_filter([$kit->like], is_string(...))];
        $missing = $kits->flatMap($names)->diff($kits->pluck('code'));
        while ($missing->isNotEmpty()) {
            $found = self::rows($shop->kits()->whereRaw('code = any(?::text[])', ['{' . $missing->unique()->implode(',') . '}']));
            $kits = $kits->concat($found);
            $missing = $found->flatMap($names)->diff($kits->pluck('code'));
        }

        return $kits;
    }

    /**
     * A kit may lack what its tools require: the report says so, and for that the required tools must be known.
     *
     * @param Collection<int, \stdClass> $tools
     *
     * @return Collection<int, \stdClass>
     */
    private function withRequired(Shop $shop, Collection $tools): Collection
    {
        $requires = static fn(\stdClass $tool): array => (array) json_decode($tool->requires, flags: JSON_THROW_ON_ERROR);
        $missing = $tools->flatMap($requires)->diff($tools->pluck('code'));
        while ($missing->isNotEmpty()) {
            $found = self::rows($shop->tools()->whereRaw('code = any(?::text[])', ['{' . $missing->unique()->implode(',') . '}']));
            $tools = $tools->concat($found);
            $missing = $found->flatMap($requires)->diff($tools->pluck('code'));
        }

        return $tools;
    }

    /**
     * @param array<string, Collection<int, \stdClass>> $rows    by list
     * @param Collection<int, \stdClass>                $entries of the kits
     * @param iterable<\stdClass>                       $lines   of the scopes
     * @param Collection<int, \stdClass>                $log
     *
     * @throws InvalidWorkbook when rows do not go together; imports see to it that they do
     */
    private function made(Shop $shop, array $rows, Collection $entries, iterable $lines, Collection $log): Workbook
    {
        // As it is in this moment, not as it was when the request began.
        $shop = $shop->refresh();
        $codes = static fn(string $list): array => $rows[$list]->pluck('code', 'id')->all();
        $items = [];
        foreach (WorkbookList::cases() as $list) {
            $items[$list->value] = match ($list) {
                WorkbookList::Kits => $this->kits($rows['kits'], $entries, $codes('tools')),
                WorkbookList::Scopes => $this->scopes($rows['scopes'], $lines, $codes('wires'), $codes('terminals')),
                WorkbookList::Assets => RegisterRows::assets($rows['assets'], $codes('tools'), $codes('kits')),
                default => self::items($rows[$list->value], $list->class()),
            };
        }

        $items['log'] = RegisterRows::entries($log);

        return $this->codec->readStored((object) ['title' => $shop->name, ...$shop->house_rules === null ? [] : ['houseRules' => $shop->house_rules], ...$items]);
    }

    /**
     * @param Collection<int, \stdClass> $rows
     * @param class-string               $class
     *
     * @return list<\stdClass>
     */
    private static function items(Collection $rows, string $class): array
    {
        $columns = Columns::of($class);

        return array_values($rows->map($columns->toItem(...))->all());
    }

    /**
     * @param Collection<int, \stdClass> $kits
     * @param Collection<int, \stdClass> $entries
     * @param array<int, string>         $tools   codes by row
     *
     * @return list<\stdClass>
     */
    private function kits(Collection $kits, Collection $entries, array $tools): array
    {
        $byKit = $entries->groupBy('kit_id');

        return array_map(static function (\stdClass $item, \stdClass $row) use ($byKit, $tools): \stdClass {
            $item->tools = array_map(static fn(\stdClass $entry): \stdClass => (object) ['tool' => $tools[$entry->tool_id], 'count' => $entry->count], array_values(($byKit[$row->id] ?? collect())->all()));

            return $item;
        }, self::items($kits, CoreTool\Kit::class), array_values($kits->all()));
    }

    /**
     * @param Collection<int, \stdClass> $scopes
     * @param iterable<\stdClass>        $lines
     * @param array<int, string>         $wires     codes by row
     * @param array<int, string>         $terminals codes by row
     *
     * @return list<\stdClass>
     */
    private function scopes(Collection $scopes, iterable $lines, array $wires, array $terminals): array
    {
        $columns = Columns::of(CoreScope\Line::class);
        $byScope = [];
        foreach ($lines as $row) {
            $line = $columns->toItem($row);
            foreach (['wire' => $wires[$row->wire_id] ?? null, 'terminal' => $terminals[$row->terminal_id] ?? null, 'wireB' => $wires[$row->wire_b_id] ?? null] as $key => $code) {
                if ($code !== null) {
                    $line->{$key} = $code;
                }
            }
            $byScope[$row->scope_id][] = $line;
        }

        return array_map(static function (\stdClass $item, \stdClass $row) use ($byScope): \stdClass {
            $item->lines = $byScope[$row->id] ?? [];

            return $item;
        }, self::items($scopes, CoreScope\Scope::class), array_values($scopes->all()));
    }
}
