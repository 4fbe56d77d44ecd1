<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Invalid;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Tool;

/** One reading of one document: what was read so far by id, and every problem met on the way. */
final class WorkbookReading
{
    private readonly ObjectCodec $objects;

    /** @var list<Problem> found here, between the things of the document */
    private array $found = [];

    /** @var array<class-string, array<string, ?object>> by class and id; null where the thing itself has a problem */
    private array $things = [];

    /** @param list<Problem> $shape problems of shape, found before */
    public function __construct(private readonly array $shape)
    {
        $this->objects = new ObjectCodec($this->find(...), new ProblemPaths($shape));
    }

    /**
     * @param class-string $class
     */
    public function readList(string $list, string $class, mixed $items): void
    {
        $this->things[$class] = [];
        if (!is_array($items)) {
            return;
        }
        foreach (array_values($items) as $index => $item) {
            $path = $list . '/' . $index;
            $id = $item instanceof \stdClass && is_string($item->id ?? null) ? $item->id : null;
            if ($id !== null && array_key_exists($id, $this->things[$class])) {
                $this->found[] = new Problem($path . '/id', $id, 'each id stands once among the ' . $list);
                continue;
            }
            if ($item instanceof \stdClass && $class === Scope::class) {
                $this->refuseRepeatedLines($item, $path);
            }
            $thing = $item instanceof \stdClass ? $this->readOne($class, $item, $path) : null;
            if ($id !== null) {
                $this->things[$class][$id] = $thing;
            }
        }
        if ($class === Tool::class) {
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
    public function readOne(string $class, \stdClass $data, string $path): ?object
    {
        return $this->objects->read($class, $data, $path);
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
        return array_values(array_filter($this->things[$class] ?? []));
    }

    /** @return list<Problem> */
    public function problems(): array
    {
        return [...$this->shape, ...$this->objects->problems(), ...$this->found];
    }

    /**
     * @param class-string $class
     *
     * @throws Invalid when no such thing is in the document
     */
    private function find(string $class, string $id): ?object
    {
        $known = $this->things[$class] ?? [];
        if (!array_key_exists($id, $known)) {
            $kind = strtolower(substr($class, (int) strrpos($class, '\\') + 1));

            throw Invalid::at('', $id, 'no ' . $kind . ' of the workbook has this id');
        }

        return $known[$id];
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
    private function refuseUnknownRequirements(array $tools, string $list): void
    {
        foreach (array_values($tools) as $index => $tool) {
            foreach ($tool instanceof \stdClass && is_array($tool->requires ?? null) ? $tool->requires : [] as $at => $required) {
                if (is_string($required) && !array_key_exists($required, $this->things[Tool::class])) {
                    $this->found[] = new Problem($list . '/' . $index . '/requires/' . $at, $required, 'no tool of the workbook has this id');
                }
            }
        }
    }
}
