<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\LogCheck;

/** One reading of one document: what was read so far by id, and every problem met on the way. */
final class WorkbookReading
{
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

    public function readList(WorkbookList|RegisterList $list, mixed $items): void
    {
        $class = $list->class();
        $this->things[$class] = [];
        if (!is_array($items)) {
            return;
        }
        $read = [];
        foreach (array_values($items) as $index => $item) {
            $path = $list->value . '/' . $index;
            $id = $item instanceof \stdClass && is_string($item->id ?? null) ? $item->id : null;
            if ($id !== null && isset($this->things[$class][$id])) {
                $this->found[] = new Problem($path . '/id', $id, 'each id stands once among the ' . $list->value);
                continue;
            }
            if ($item instanceof \stdClass && $list === WorkbookList::Scopes) {
                $this->refuseRepeatedLines($item, $path);
            }
            $thing = $item instanceof \stdClass ? $this->objects->read($class, $item, $path) : Unread::Broken;
            if ($id !== null) {
                $this->things[$class][$id] = $thing;
                $read[$index] = $thing;
            }
        }
        match ($list) {
            WorkbookList::Tools => $this->refuseUnknown($items, $list, 'requires'),
            WorkbookList::Kits => $this->refuseUnknown($items, $list, 'shares', 'like'),
            RegisterList::Log => $this->refuseUntrue($read),
            default => null,
        };
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

    private function refuseRepeatedLines(\stdClass $scope, string $path): void
    {
        $seen = [];
        foreach (is_array($scope->lines ?? null) ? $scope->lines : [] as $index => $line) {
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
     * What names others of its own list, which may stand behind it.
     *
     * @param array<mixed> $items
     */
    private function refuseUnknown(array $items, WorkbookList $list, string ...$keys): void
    {
        $known = $this->things[$list->class()];
        foreach (array_values($items) as $index => $item) {
            foreach ($keys as $key) {
                $named = $item instanceof \stdClass ? $item->{$key} ?? [] : [];
                foreach (is_array($named) ? $named : [$named] as $at => $id) {
                    if (is_string($id) && !isset($known[$id])) {
                        $this->found[] = new Problem($list->value . '/' . $index . '/' . $key . (is_array($named) ? '/' . $at : ''), $id, 'no ' . $list->one() . ' of the workbook has this id');
                    }
                }
            }
        }
    }

    /** @param array<int, object> $log by its place; Unread where it has a problem */
    private function refuseUntrue(array $log): void
    {
        $entries = array_filter($log, static fn(object $entry): bool => $entry instanceof Entry);
        $broken = array_fill_keys(array_keys(array_filter($this->things[Entry::class] ?? [], static fn(object $thing): bool => $thing instanceof Unread)), true);
        foreach (LogCheck::problems($entries, $broken) as $problem) {
            $this->found[] = new Problem(RegisterList::Log->value . '/' . $problem->field, $problem->value, $problem->expected);
        }
    }
}
