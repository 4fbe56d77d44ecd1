<?php

declare(strict_types=1);

namespace App\Lines;

use App\History\Change;
use App\History\Event;
use App\Models\Alias as AliasModel;
use App\Models\ColumnName;
use App\Models\ListRow;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Writing\Belongings;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Cells\ColumnNames;
use Gondrik\Core\Entry\Alias;
use Gondrik\Core\Sheet\Column;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;

/** What a shop calls its wires and terminals, and the columns of its tables. */
final readonly class ShopWords
{
    public function __construct(private ShopStore $store, private ShopChanges $changes) {}

    /**
     * @param list<string>|null $words only those that say one of these; null for all
     *
     * @return list<Alias>
     */
    public function aliases(Shop $shop, ?array $words = null): array
    {
        return array_values($this->rows($shop, $words)->map(static fn(array $row): Alias => $row['alias'])->all());
    }

    /**
     * The wires and terminals that have one of these names, or one of these other names.
     *
     * @param list<string> $names   as they are compared
     * @param list<Alias>  $aliases
     *
     * @return array{wires: list<string>, terminals: list<string>} ids
     */
    public function named(Shop $shop, array $names, array $aliases): array
    {
        $ids = static function (WorkbookList $list, string $about) use ($shop, $names, $aliases): array {
            $called = array_map(static fn(Alias $alias): string => $alias->id, array_filter($aliases, static fn(Alias $alias): bool => $alias->about === $about));
            $found = $names === [] ? [] : ShopWorkbook::of($shop, $list)->where(static fn(Builder $of): Builder => $of->whereIn('plain_name', $names)->orWhereIn(DB::raw('lower(code)'), $names))->pluck('code')->all();

            return array_values(array_unique([...$found, ...$called]));
        };

        return ['wires' => $ids(WorkbookList::Wires, 'wire'), 'terminals' => $ids(WorkbookList::Terminals, 'terminal')];
    }

    /**
     * @param list<string>|null $words only those that say one of these; null for all
     *
     * @return \Illuminate\Support\Collection<int, array{row: int, alias: Alias}> in alphabetical order
     */
    public function rows(Shop $shop, ?array $words = null): \Illuminate\Support\Collection
    {
        $rows = $shop->aliases();
        if ($words !== null) {
            $rows->whereIn('words', $words);
        }

        return $rows->with(['wire', 'terminal'])->orderBy('words')->orderBy('id')->get()->map(static fn(AliasModel $row): array => [
            'row' => $row->id,
            'alias' => new Alias($row->wire_id === null ? 'terminal' : 'wire', $row->words, ($row->wire ?? $row->terminal)->code ?? ''),
        ])->toBase();
    }

    /**
     * Remembers a word for a wire or terminal; what it stood for before is forgotten.
     *
     * @return Written|null null where it stood for that already
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function call(Shop $shop, Alias $alias): ?Written
    {
        $list = $alias->about === 'wire' ? WorkbookList::Wires : WorkbookList::Terminals;
        $word = self::plain($alias->words);

        return $this->store->change($shop, function (Shop $locked) use ($alias, $list, $word): ?Written {
            ShopWorkbook::of($locked, $list)->where('code', $alias->id)->firstOrFail();
            $owner = $locked->aliases()->with(['wire', 'terminal'])->where('words', $word)->whereNotNull($alias->about . '_id')->first();
            $before = ($owner->wire ?? $owner->terminal ?? null)?->code;

            return $before === $alias->id ? null : $this->write($locked, array_filter([
                $before === null ? null : $this->changed($locked, $list, $before, without: $word),
                $this->changed($locked, $list, $alias->id, with: $word),
            ]));
        });
    }

    /** @throws ModelNotFoundException<AliasModel> when the shop has no such word */
    public function forget(Shop $shop, int $row): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($row): Written {
            $alias = $locked->aliases()->with(['wire', 'terminal'])->findOrFail($row);
            $list = $alias->wire === null ? WorkbookList::Terminals : WorkbookList::Wires;

            return $this->write($locked, [$this->changed($locked, $list, ($alias->wire ?? $alias->terminal)->code ?? '', without: $alias->words)]);
        });
    }

    /** @param array<Change> $changes */
    private function write(Shop $shop, array $changes): Written
    {
        $changes = array_values($changes);

        return $this->changes->write($shop, Event::of($changes), $changes);
    }

    /** What one thing is called, with one word more or one less. */
    private function changed(Shop $shop, WorkbookList $list, string $id, ?string $with = null, ?string $without = null): Change
    {
        $place = Belongings::called($list, $id);
        $before = $this->changes->present($shop, $place);
        $words = array_diff([...$before->words ?? [], ...$with === null ? [] : [$with]], [$without]);
        sort($words);

        return new Change($place, $before, $words === [] ? null : (object) ['words' => $words]);
    }

    /** @return array<string, Column|null> what the shop has said of the names of columns, null for "nothing" */
    public function columns(Shop $shop): array
    {
        $columns = [];
        foreach ($shop->columnNames()->get() as $name) {
            assert($name instanceof ColumnName);
            $columns[$name->name] = $name->says === null ? null : Column::tryFrom($name->says);
        }

        return $columns;
    }

    /** @param array<string, Column|null> $columns by the name over each, as it stands in the table */
    public function nameColumns(Shop $shop, array $columns): void
    {
        $this->store->change($shop, function (Shop $locked) use ($columns): void {
            foreach ($columns as $name => $column) {
                $plain = ColumnNames::plain((string) $name);
                if ($plain !== '') {
                    $this->store->putColumnName($locked, mb_substr($plain, 0, 200), $column?->value);
                }
            }
        });
    }

    private static function plain(string $words): string
    {
        return mb_strtolower(trim((string) preg_replace('~\s+~u', ' ', $words)));
    }
}
