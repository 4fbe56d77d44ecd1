<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\Alias as AliasModel;
use App\Models\ColumnName;
use App\Models\Shop;
use Gondrik\Core\Entry\Alias;
use Gondrik\Core\Sheet\Column;
use Gondrik\Core\Sheet\ColumnNames;

/** What a shop calls its wires and terminals, and the columns of its tables. */
final readonly class ShopWords
{
    public function __construct(private ShopStore $store) {}

    /** @return list<Alias> */
    public function aliases(Shop $shop): array
    {
        return array_values($this->rows($shop)->map(static fn(array $row): Alias => $row['alias'])->all());
    }

    /** @return \Illuminate\Support\Collection<int, array{row: int, alias: Alias}> in alphabetical order */
    public function rows(Shop $shop): \Illuminate\Support\Collection
    {
        return $shop->aliases()->with(['wire', 'terminal'])->orderBy('words')->orderBy('id')->get()->map(static fn(AliasModel $row): array => [
            'row' => $row->id,
            'alias' => new Alias($row->wire_id === null ? 'terminal' : 'wire', $row->words, ($row->wire ?? $row->terminal)->code ?? ''),
        ])->toBase();
    }

    /** Remembers a word for a wire or terminal; what it stood for before is forgotten. */
    public function call(Shop $shop, Alias $alias): void
    {
        $things = $alias->about === 'wire' ? $shop->wires() : $shop->terminals();
        $thing = $things->where('code', $alias->id)->firstOrFail();
        $words = self::plain($alias->words);
        $this->store->change($shop, function (Shop $locked) use ($alias, $words, $thing): void {
            $this->store->putAlias($locked, $alias->about, $words, $thing->id);
        });
    }

    public function forget(Shop $shop, int $row): void
    {
        $shop->aliases()->findOrFail($row);
        $this->store->change($shop, function (Shop $locked) use ($row): void {
            $this->store->dropAlias($locked, $row);
        });
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
