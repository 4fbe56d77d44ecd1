<?php

declare(strict_types=1);

namespace App\Lines;

use App\History\Change;
use App\History\Event;
use App\History\Journal;
use App\History\Place;
use App\Models\Line as LineModel;
use App\Models\Scope;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Writing\Order;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\StaleVersion;
use App\Writing\Version;
use App\Writing\Written;
use Gondrik\Core\Cells\UnreadCell;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Sheet\CellReader;
use Gondrik\Core\Sheet\Column;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * The lines of a scope, written one by one or many at once, each time under the shop's lock and as one entry of its history.
 * What is written over or taken out must be the version that was seen.
 */
final readonly class ScopeLines
{
    public function __construct(
        private ShopStore $store,
        private ShopWorkbook $shops,
        private ShopChanges $changes,
        private ShopEntries $entries,
        private Journal $journal,
    ) {}

    /**
     * Every line of a scope, with its version.
     *
     * @return list<array<string, mixed>> in their order
     *
     * @throws ModelNotFoundException<Scope> when the shop has no such scope
     */
    public function all(Shop $shop, string $scope): array
    {
        return array_map(Version::with(...), $this->shops->writtenLines($shop, $scope));
    }

    /**
     * Adds a line; without an id it gets the next that is free.
     *
     * @param string|null $after id of the line before it, "" for the first place; null puts it at the end
     *
     * @throws InvalidWorkbook                         with every problem, below "line"
     * @throws ModelNotFoundException<Scope|LineModel> when the shop has no such scope, or that no such line
     */
    public function add(Shop $shop, string $scope, \stdClass $line, ?string $after = null): Written
    {
        return $this->one($shop, $scope, LineEdit::adding($line, $after));
    }

    /**
     * Writes a line over the one that was seen.
     *
     * @throws InvalidWorkbook                         with every problem, below "line"
     * @throws StaleVersion                            when it is another by now
     * @throws ModelNotFoundException<Scope|LineModel> when there is no such scope, or line in it
     */
    public function replace(Shop $shop, string $scope, string $id, string $version, \stdClass $line): Written
    {
        return $this->one($shop, $scope, LineEdit::replacing($id, $version, $line));
    }

    /**
     * Takes out the line that was seen.
     *
     * @throws StaleVersion                            when it is another by now
     * @throws ModelNotFoundException<Scope|LineModel> when there is no such scope, or line in it
     */
    public function remove(Shop $shop, string $scope, string $line, string $version): Written
    {
        return $this->one($shop, $scope, LineEdit::removing($line, $version));
    }

    private function one(Shop $shop, string $scope, LineEdit $edit): Written
    {
        try {
            return $this->edit($shop, $scope, [$edit]);
        } catch (InvalidWorkbook $error) {
            throw ShopChanges::ofTheOnlyOne($error);
        }
    }

    /**
     * Several lines at once: all of it or nothing.
     *
     * @param list<LineEdit>    $edits lines each at most once
     * @param list<string>|null $order ids that come in this order in the places that they have together
     *
     * @throws InvalidWorkbook                         with every problem, below "changes/N", or where the order names no line of it
     * @throws StaleVersion                            when a line is another by now than the one that was seen
     * @throws ModelNotFoundException<Scope|LineModel> when there is no such scope, or line in it
     */
    public function edit(Shop $shop, string $scope, array $edits, ?array $order = null): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($scope, $edits, $order): Written {
            $row = $locked->scopes()->where('code', $scope)->firstOrFail();
            $ids = array_map(strval(...), array_values($locked->lines()->where('scope_id', $row->id)->orderBy('position')->pluck('code')->all()));
            $present = $this->seen($locked, $scope, $edits);
            $drafts = $this->drafts($locked, $scope, $edits, $present);
            $ordered = new Order($ids);
            $changes = [];
            $taken = array_fill_keys($ids, true);
            foreach ($edits as $index => $edit) {
                if ($edit->id !== null) {
                    $follows = $edit->isRemoval ? $ordered->before($edit->id) : null;
                    $changes[] = new Change(Place::line($scope, $edit->id), $present[$edit->id], $drafts[$index], $follows);
                    continue;
                }
                if (!in_array($edit->after, [null, ''], true) && !isset($taken[$edit->after])) {
                    throw (new ModelNotFoundException())->setModel(LineModel::class);
                }
                $id = self::idFor($drafts[$index] ?? new \stdClass(), $taken, $index);
                $changes[] = new Change(Place::line($scope, $id), null, $drafts[$index], $edit->after);
            }
            if ($order !== null) {
                $unknown = array_keys(array_diff_key(array_fill_keys($order, true), array_fill_keys($ids, true)));
                if ($unknown !== []) {
                    throw new InvalidWorkbook([new Problem('order', (string) $unknown[0], 'ids of lines of this scope')]);
                }
                $wanted = new Order($ids);
                $wanted->arrange($order);
                $isMoved = array_fill_keys($order, true);
                $listed = static fn(array $all): \stdClass => (object) ['lines' => array_values(array_filter($all, static fn(string $id): bool => isset($isMoved[$id])))];
                $changes[] = new Change(new Place(Place::ORDER, $scope), $listed($ids), $listed($wanted->ids()));
            }

            return $this->changes->write($locked, Event::of($changes), $changes);
        });
    }

    /**
     * The next free id for a line that has none; one that it has must be free.
     *
     * @param array<string, true> $taken gets it
     */
    private static function idFor(\stdClass $draft, array &$taken, int $index): string
    {
        if (isset($draft->id) && is_string($draft->id) && isset($taken[$draft->id])) {
            throw new InvalidWorkbook([new Problem('changes/' . $index . '/line/id', $draft->id, 'an id that no line of this scope has')]);
        }
        if (!isset($draft->id)) {
            $next = count($taken) + 1;
            while (isset($taken['line-' . $next])) {
                $next++;
            }
            $draft->id = 'line-' . $next;
        }
        $id = is_string($draft->id) ? $draft->id : '';
        $taken[$id] = true;

        return $id;
    }

    /**
     * The lines that are written over, each as it was seen.
     *
     * @param list<LineEdit> $edits
     *
     * @return array<string, \stdClass> by id
     */
    private function seen(Shop $shop, string $scope, array $edits): array
    {
        $ids = array_values(array_filter(array_map(static fn(LineEdit $edit): ?string => $edit->id, $edits), is_string(...)));
        $present = [];
        foreach ($ids === [] ? [] : $this->shops->writtenLines($shop, $scope, $ids) as $line) {
            $present[$line->id] = $line;
        }
        foreach ($edits as $index => $edit) {
            if ($edit->id === null) {
                continue;
            }
            if (!isset($present[$edit->id])) {
                throw (new ModelNotFoundException())->setModel(LineModel::class);
            }
            if (Version::of($present[$edit->id]) !== $edit->version) {
                throw new StaleVersion(Version::with($present[$edit->id]), $this->journal->last($shop, Place::line($scope, $edit->id)));
            }
            if (isset($edit->line->id) && $edit->line->id !== $edit->id) {
                throw new InvalidWorkbook([new Problem('changes/' . $index . '/line/id', $edit->line->id, 'the id of the line itself, "' . $edit->id . '"')]);
            }
        }

        return $present;
    }

    /**
     * What each line is to become.
     *
     * @param list<LineEdit>           $edits
     * @param array<string, \stdClass> $present
     *
     * @return array<int, \stdClass|null> null where it goes
     */
    private function drafts(Shop $shop, string $scope, array $edits, array $present): array
    {
        $readers = [];
        $drafts = $problems = [];
        foreach ($edits as $index => $edit) {
            if ($edit->isRemoval) {
                $drafts[$index] = null;
                continue;
            }
            $draft = $edit->line === null ? clone ($present[$edit->id ?? ''] ?? new \stdClass()) : clone $edit->line;
            if ($edit->id !== null) {
                $draft->id = $edit->id;
            }
            foreach ($edit->cells as $column => $text) {
                try {
                    $reader = $readers[self::namesThing($column)] ??= self::namesThing($column) ? $this->entries->cells($shop, $scope, self::naming($edits)) : new CellReader(new EntryReader([], []));
                    foreach ($reader->read(Column::from($column), $text) as $key => $value) {
                        if ($value === null) {
                            unset($draft->{$key});
                        } else {
                            $draft->{$key} = $value;
                        }
                    }
                } catch (UnreadCell $error) {
                    $problems[] = new Problem('changes/' . $index . '/cells/' . $column, $error->text, $error->expected);
                }
            }
            $drafts[$index] = $draft;
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }

        return $drafts;
    }

    /** Whether what stands in a cell is read against all that the shop has. */
    private static function namesThing(string $column): bool
    {
        return in_array(Column::from($column), [Column::Wire, Column::WireB, Column::Terminal], true);
    }

    /**
     * @param list<LineEdit> $edits
     *
     * @return list<array{Column, string}> the cells among them that name a wire or terminal, with their text
     */
    private static function naming(array $edits): array
    {
        $naming = [];
        foreach ($edits as $edit) {
            foreach ($edit->cells as $column => $text) {
                if (self::namesThing($column)) {
                    $naming[] = [Column::from($column), $text];
                }
            }
        }

        return $naming;
    }
}
