<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\LogCheck;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;

/** One reading of one document: what was read so far by id, and every problem met on the way. */
final class WorkbookReading
{
    /** The key of the list of what has happened. */
    public const LOG = 'log';

    private readonly ObjectCodec $objects;

    /** @var list<Problem> found here, between the things of the document */
    private array $found = [];

    /** @var array<class-string, array<string, object>> by class and id; Unread where the thing itself has a problem */
    private array $things = [];

    /** @param list<Problem> $shape problems of shape, found before */
    public function __construct(private readonly array $shape)
    {
        $this->objects = new ObjectCodec(
            fn(string $class, string $id): object => $this->things[$class][$id] ?? Unread::Unknown,
            new ProblemPaths($shape),
        );
    }

    public function readList(WorkbookList $list, mixed $items): void
    {
        if ($list === WorkbookList::Scopes && is_array($items)) {
            foreach (array_values($items) as $index => $item) {
                $this->refuseRepeatedLines($item, $list->value . '/' . $index);
            }
        }
        $read = $this->readAll($list->class(), $list->value, $items);
        match ($list) {
            WorkbookList::Tools => $this->refuseUnknown($items, $list, ['requires' => $list]),
            WorkbookList::Kits => $this->refuseUnknown($items, $list, ['shares' => $list, 'like' => $list]),
            WorkbookList::Stations => $this->refuseUnknown($items, $list, ['kit' => WorkbookList::Kits]),
            WorkbookList::Exercises => $this->refuseUnknown($items, $list, ['stations' => WorkbookList::Stations, 'people' => WorkbookList::People, 'after' => $list]),
            WorkbookList::Sessions => $this->refuseSessions($items, $list, $read),
            WorkbookList::Stock => $this->refuseSecondStock($read),
            default => null,
        };
    }

    /** What has happened: read after everything that it speaks of. */
    public function readLog(mixed $items): void
    {
        $read = $this->readAll(Entry::class, self::LOG, $items);
        $entries = array_filter($read, static fn(object $entry): bool => $entry instanceof Entry);
        $broken = array_fill_keys(array_keys(array_filter($this->things[Entry::class] ?? [], static fn(object $thing): bool => $thing instanceof Unread)), true);
        foreach (LogCheck::problems($entries, $broken) as $problem) {
            $this->found[] = new Problem(self::LOG . '/' . $problem->field, $problem->value, $problem->expected);
        }
    }

    /**
     * @param class-string $class
     *
     * @return array<int, object> by their place, those that have an id; Unread where one has a problem
     */
    private function readAll(string $class, string $key, mixed $items): array
    {
        $this->things[$class] = [];
        $read = [];
        foreach (is_array($items) ? array_values($items) : [] as $index => $item) {
            $path = $key . '/' . $index;
            $id = $item instanceof \stdClass && is_string($item->id ?? null) ? $item->id : null;
            if ($id !== null && isset($this->things[$class][$id])) {
                $this->found[] = new Problem($path . '/id', $id, 'each id stands once among the ' . $key);
                continue;
            }
            $thing = $item instanceof \stdClass ? $this->objects->read($class, $item, $path) : Unread::Broken;
            if ($id !== null) {
                $this->things[$class][$id] = $thing;
                $read[$index] = $thing;
            }
        }

        return $read;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T|null null when it has a problem
     */
    public function readOne(string $class, mixed $data, string $path): ?object
    {
        $read = $data instanceof \stdClass ? $this->objects->read($class, $data, $path) : Unread::Broken;

        return $read instanceof Unread ? null : $read;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T> in the order of the document
     */
    public function all(string $class): array
    {
        /** @var list<T> */
        return array_values(array_filter($this->things[$class] ?? [], static fn(object $thing): bool => !$thing instanceof Unread));
    }

    /** @return list<Problem> */
    public function problems(): array
    {
        return [...$this->shape, ...$this->objects->problems(), ...$this->found];
    }

    /**
     * Of one item there is one stock: what is counted would be counted twice.
     *
     * @param array<int, object> $read by their place
     */
    private function refuseSecondStock(array $read): void
    {
        $of = [];
        foreach ($read as $index => $stock) {
            if (!$stock instanceof Stock) {
                continue;
            }
            $first = $of[$stock->item->key()] ??= $stock;
            if ($first !== $stock) {
                $this->found[] = new Problem(WorkbookList::Stock->value . '/' . $index . '/item', null, 'another item: "' . $first->id . '" is a stock of this one already');
            }
        }
    }

    private function refuseRepeatedLines(mixed $scope, string $path): void
    {
        $seen = [];
        $lines = $scope instanceof \stdClass ? $scope->lines ?? null : null;
        foreach (is_array($lines) ? $lines : [] as $index => $line) {
            $id = $line->id ?? null;
            if (is_string($id) && isset($seen[$id])) {
                $this->found[] = new Problem($path . '/lines/' . $index . '/id', $id, 'each id stands once among the lines of a scope');
            }
            if (is_string($id)) {
                $seen[$id] = true;
            }
        }
    }

    /**
     * An exercise of a class needs one of the stations of that class.
     *
     * @param array<int, object> $read by their place
     */
    private function refuseSessions(mixed $items, WorkbookList $list, array $read): void
    {
        $this->refuseUnknown($items, $list, ['people' => WorkbookList::People, 'stations' => WorkbookList::Stations, 'exercises' => WorkbookList::Exercises]);
        foreach ($read as $index => $session) {
            if (!$session instanceof Session) {
                continue;
            }
            foreach ($session->exercises as $at => $id) {
                $exercise = $this->things[Exercise::class][$id] ?? null;
                if ($exercise instanceof Exercise && array_intersect($exercise->stations, $session->stations) === []) {
                    $this->found[] = new Problem($list->value . '/' . $index . '/exercises/' . $at, $id, 'an exercise that can be done at one of the stations of this class');
                }
            }
        }
    }

    /**
     * What names others by their ids, in lists or alone; those of its own list may stand behind it.
     *
     * @param array<string, WorkbookList> $keys and what they name
     */
    private function refuseUnknown(mixed $items, WorkbookList $list, array $keys): void
    {
        foreach (is_array($items) ? array_values($items) : [] as $index => $item) {
            foreach ($keys as $key => $of) {
                $known = $this->things[$of->class()];
                $named = $item instanceof \stdClass ? $item->{$key} ?? [] : [];
                foreach (is_array($named) ? $named : [$named] as $at => $id) {
                    if (is_string($id) && !isset($known[$id])) {
                        $this->found[] = new Problem($list->value . '/' . $index . '/' . $key . (is_array($named) ? '/' . $at : ''), $id, 'no ' . $of->one() . ' of the workbook has this id');
                    }
                }
            }
        }
    }
}
