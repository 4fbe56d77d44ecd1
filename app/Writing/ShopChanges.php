<?php

declare(strict_types=1);

namespace App\Writing;

use App\History\Change;
use App\History\Event;
use App\History\Journal;
use App\History\Place;
use App\Models\Shop;
use App\Reading\LogReader;
use App\Reading\ShopWorkbook;
use App\Reading\ThingReader;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\LinesCodec;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;

/**
 * Writes changes into a shop and one entry for them into its history. What is written was seen before by whoever calls this;
 * it is read by the codec all the same, so that what the shop has become stays a workbook.
 */
final readonly class ShopChanges
{
    public function __construct(
        private ShopStore $store = new ShopStore(),
        private ShopWorkbook $shops = new ShopWorkbook(),
        private ThingReader $reader = new ThingReader(),
        private Uses $uses = new Uses(),
        private Journal $journal = new Journal(),
        private LinesCodec $lines = new LinesCodec(),
        private ObjectCodec $objects = new ObjectCodec(),
        private Belongings $belongings = new Belongings(),
        private LogReader $logReader = new LogReader(),
        private LogStore $log = new LogStore(),
    ) {}

    /**
     * @param Shop                 $shop    under its lock
     * @param list<Change>         $changes things each at most once
     * @param array<string, mixed> $more    for the history
     *
     * @throws InvalidWorkbook with every problem of the first kind that has some, below "changes/N/wire" and so on
     * @throws InUse           when something to be taken away is used
     */
    public function write(Shop $shop, Event $event, array $changes, array $more = []): Written
    {
        $from = $shop->version;
        $things = array_fill(0, count($changes), null);
        foreach (WorkbookList::cases() as $list) {
            $coming = self::coming($changes, $list->value);
            if ($coming === []) {
                continue;
            }
            $put = $list->isOfModels()
                ? $this->putAll($shop, $list, $coming)
                : array_map(fn(Change $change, int $index): \stdClass => $this->put($shop, $list, $index, $change), $coming, array_keys($coming));
            foreach (array_combine(array_keys($coming), $put) as $index => $thing) {
                $things[$index] = $thing;
            }
        }
        foreach ($this->append($shop, self::coming($changes, Place::LOG)) as $index => $entry) {
            $things[$index] = $entry;
        }
        $scopes = array_unique(array_filter(array_map(static fn(Change $change): ?string => match (true) {
            $change->place->isOrder() => $change->place->id,
            $change->place->isLine() => $change->place->scope,
            default => null,
        }, $changes), is_string(...)));
        foreach ($scopes as $scope) {
            foreach ($this->writeLines($shop, $scope, $changes) as $index => $line) {
                $things[$index] = $line;
            }
        }
        $this->belongings->write($shop, array_values(array_filter($changes, static fn(Change $change): bool => Belongings::has($change->place))));
        $taken = [];
        foreach (array_reverse(WorkbookList::cases()) as $list) {
            $taken = [...$taken, ...$this->remove($shop, $list, array_values(array_map(
                static fn(Change $change): string => $change->place->id,
                array_filter($changes, static fn(Change $change): bool => $change->place->list === $list->value && $change->after === null),
            )))];
        }
        $kept = array_map(fn(Change $change, ?\stdClass $thing): Change => new Change($change->place, $change->before, $thing ?? $this->left($shop, $change), $change->follows), $changes, $things);

        return new Written($this->journal->keep($shop, $event, [...$kept, ...$taken], $more), array_values($things), $from, $shop->version);
    }

    /**
     * @param array<int, Change> $changes by their place
     *
     * @return array<int, \stdClass> entries as written, by the place of their change
     */
    private function append(Shop $shop, array $changes): array
    {
        if ($changes === []) {
            return [];
        }
        $entries = $this->logReader->read($shop, array_map(static fn(Change $change): \stdClass => $change->after ?? new \stdClass(), $changes));
        $this->log->append($shop, array_values($entries));

        return array_map($this->objects->write(...), $entries);
    }

    /** What belongs to a thing is kept as it is read back, for its version is made of that. */
    private function left(Shop $shop, Change $change): ?\stdClass
    {
        return $change->after !== null && Belongings::has($change->place) ? $this->belongings->present($shop, $change->place) : $change->after;
    }

    /**
     * All at once where nothing rests on any of them, else one after the other, first what nothing rests on: what goes before may be what
     * the next one is used by.
     *
     * @param list<string> $ids
     *
     * @return list<Change> what goes with them
     *
     * @throws InUse when one is used
     */
    private function remove(Shop $shop, WorkbookList $list, array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        if (!$this->uses->areUsed($shop, $list, $ids) && !$this->belongings->areMadeOf($shop, $list, $ids)) {
            $this->store->remove($shop, $list, $ids);

            return [];
        }
        $taken = [];
        while ($ids !== []) {
            $free = $this->firstUnused($shop, $list, $ids);
            $this->uses->refuse($shop, $list, $free);
            $taken = [...$taken, ...$this->belongings->goingWith($shop, $list, $free)];
            $this->store->remove($shop, $list, [$free]);
            $ids = array_values(array_diff($ids, [$free]));
        }

        return $taken;
    }

    /** @param non-empty-list<string> $ids of which the first is given where every one is used */
    private function firstUnused(Shop $shop, WorkbookList $list, array $ids): string
    {
        foreach ($ids as $id) {
            if (!$this->uses->areUsed($shop, $list, [$id])) {
                return $id;
            }
        }

        return $ids[0];
    }

    /**
     * @param list<Change> $changes
     *
     * @return array<int, Change> those of one list that leave something there, by their place
     */
    private static function coming(array $changes, string $list): array
    {
        return array_filter($changes, static fn(Change $change): bool => $change->place->list === $list && $change->after !== null);
    }

    /**
     * Wires, terminals or tools: all at once, for what rests on them is looked at with all of them as they will be.
     *
     * @param non-empty-array<int, Change> $changes by their place
     *
     * @return list<\stdClass> as written
     */
    private function putAll(Shop $shop, WorkbookList $list, array $changes): array
    {
        $items = array_map(static fn(Change $change): \stdClass => clone ($change->after ?? new \stdClass()), $changes);
        $replaces = array_filter($changes, static fn(Change $change): bool => $change->before !== null) !== [];
        $things = $this->reader->read($shop, $list, $items, $replaces);
        $this->store->put($shop, $list, array_values($things));
        foreach ($changes as $index => $change) {
            if ($change->before === null && $change->follows !== null) {
                $this->store->place($shop, $list, $things[$index]->id, $change->follows);
            }
        }

        return array_values(array_map($this->objects->write(...), $things));
    }

    private function put(Shop $shop, WorkbookList $list, int $index, Change $change): \stdClass
    {
        $item = clone ($change->after ?? new \stdClass());
        $isHead = $list === WorkbookList::Scopes && !isset($item->lines);
        if ($isHead) {
            // Its lines are written by themselves.
            $item->lines = [];
        }
        $thing = $this->reader->read($shop, $list, [$index => $item], replaces: $change->before !== null)[$index];
        if ($isHead && $change->before !== null && $thing instanceof Scope) {
            $this->store->putHead($shop, $thing);
        } else {
            $this->store->put($shop, $list, [$thing]);
        }
        if ($change->before === null && $change->follows !== null) {
            $this->store->place($shop, $list, $thing->id, $change->follows);
        }
        $written = $this->objects->write($thing);
        if ($isHead) {
            unset($written->lines);
        }

        return $written;
    }

    /**
     * @param list<Change> $changes
     *
     * @return array<int, \stdClass> lines as written, by the place of their change
     */
    private function writeLines(Shop $shop, string $scope, array $changes): array
    {
        $ofScope = array_filter($changes, static fn(Change $change): bool => ($change->place->isLine() && $change->place->scope === $scope) || ($change->place->isOrder() && $change->place->id === $scope));
        $order = new Order($this->shops->order($shop, $scope));
        $coming = $removed = [];
        foreach ($ofScope as $index => $change) {
            if ($change->place->isOrder()) {
                $order->arrange($change->after->lines ?? []);
                continue;
            }
            $id = $change->place->id;
            if ($change->after === null) {
                $order->remove($id);
                $removed[] = $id;
                continue;
            }
            $coming[$index] = clone $change->after;
            if ($change->before === null) {
                $order->add($id, $change->follows);
            }
        }
        $known = $this->shops->named($shop, self::named($coming, 'wire', 'wireB'), self::named($coming, 'terminal'));
        [$lines, $problems] = $this->lines->read($known->wires, $known->terminals, $coming);
        $told = [];
        foreach ($problems as $index => $ofLine) {
            foreach ($ofLine as $problem) {
                $told[] = new Problem('changes/' . $index . '/line' . ($problem->path === '' ? '' : '/' . $problem->path), $problem->value, $problem->expected);
            }
        }
        if ($told !== []) {
            throw new InvalidWorkbook($told);
        }
        $this->store->writeLines($shop, $scope, array_values($lines), $removed, $order->ids());

        return array_map($this->objects->write(...), $lines);
    }

    /**
     * @param array<int, \stdClass> $lines
     *
     * @return list<string>
     */
    private static function named(array $lines, string ...$keys): array
    {
        $ids = [];
        foreach ($lines as $line) {
            foreach ($keys as $key) {
                // What is no id is told by the schema.
                $ids[] = is_string($line->{$key} ?? null) ? $line->{$key} : null;
            }
        }

        return array_values(array_unique(array_filter($ids, is_string(...))));
    }

    /**
     * What is wrong with a change that was the only one, as whoever made it sees it.
     */
    public static function ofTheOnlyOne(InvalidWorkbook $error): InvalidWorkbook
    {
        return $error->seenFrom(static fn(string $path): string => (string) preg_replace('~^changes/0/~', '', $path));
    }

    /**
     * The lines among these places as they are now.
     *
     * @param list<Place> $places
     *
     * @return array<string, \stdClass> as the codec writes them, by path
     */
    public function presentLines(Shop $shop, array $places): array
    {
        $ids = $lines = [];
        foreach ($places as $place) {
            if ($place->isLine()) {
                $ids[(string) $place->scope][] = $place->id;
            }
        }
        foreach ($ids as $scope => $ofScope) {
            // A scope that is gone has taken its lines along.
            $isThere = $shop->scopes()->where('code', $scope)->exists();
            foreach ($isThere ? $this->shops->writtenLines($shop, (string) $scope, $ofScope) : [] as $line) {
                $lines[Place::line((string) $scope, $line->id)->path()] = $line;
            }
        }

        return $lines;
    }

    /**
     * What stands at these places now: of lines, things, and what belongs to them; of scopes without their lines.
     *
     * @param list<Place> $places
     *
     * @return array<string, \stdClass> as the codec writes them, by path
     */
    public function presentAll(Shop $shop, array $places): array
    {
        $present = $this->presentLines($shop, $places) + $this->log->standing($shop, $places);
        $ids = [];
        foreach ($places as $place) {
            if ($place->isEntry()) {
                continue;
            }
            if (Belongings::has($place)) {
                $belonging = $this->belongings->present($shop, $place);
                $present += $belonging === null ? [] : [$place->path() => $belonging];
            } elseif (!$place->isLine() && !$place->isOrder()) {
                $ids[$place->list][] = $place->id;
            }
        }
        foreach ($ids as $list => $ofList) {
            foreach ($this->shops->things($shop, WorkbookList::from($list), $ofList) as $thing) {
                $present[(new Place($list, $thing->id))->path()] = $this->objects->write($thing);
            }
        }

        return $present;
    }

    /**
     * What stands at the place of a thing, or of what belongs to one, now; as the codec writes it.
     *
     * @param bool $whole of a scope with its lines
     */
    public function present(Shop $shop, Place $place, bool $whole = false): ?\stdClass
    {
        if (Belongings::has($place)) {
            return $this->belongings->present($shop, $place);
        }
        $list = WorkbookList::from($place->list);
        $thing = $this->shops->things($shop, $list, [$place->id], $whole)[0] ?? null;
        if ($thing === null) {
            return null;
        }
        $written = $this->objects->write($thing);
        if ($list === WorkbookList::Scopes && !$whole) {
            unset($written->lines);
        }

        return $written;
    }
}
