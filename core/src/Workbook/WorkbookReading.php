<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

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

    public function readList(WorkbookList $list, mixed $items): void
    {
        $class = $list->class();
        $this->things[$class] = [];
        if (!is_array($items)) {
            return;
        }
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
            }
        }
        if ($list === WorkbookList::Tools) {
            $this->refuseUnknownRequirements($items, $list);
        }
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

    /** @param array<mixed> $tools */
    private function refuseUnknownRequirements(array $tools, WorkbookList $list): void
    {
        $known = $this->things[$list->class()];
        foreach (array_values($tools) as $index => $tool) {
            foreach ($tool instanceof \stdClass && is_array($tool->requires ?? null) ? $tool->requires : [] as $at => $required) {
                if (is_string($required) && !isset($known[$required])) {
                    $this->found[] = new Problem($list->value . '/' . $index . '/requires/' . $at, $required, 'no tool of the workbook has this id');
                }
            }
        }
    }
}
