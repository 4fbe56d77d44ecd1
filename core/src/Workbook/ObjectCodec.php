<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Invalid;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Tool\Capability;

/**
 * Between value objects and plain JSON data: a key for each constructor parameter, under the same name. What has its
 * default is left out when written.
 */
final class ObjectCodec
{
    /** @var list<Problem> */
    private array $problems = [];

    /**
     * @param (\Closure(class-string, string): ?object)|null $find  a thing that stands elsewhere, by class and id; null where it could not be read
     * @param ProblemPaths|null                              $shape where the shape of the data has been found wrong already
     */
    public function __construct(private readonly ?\Closure $find = null, private readonly ?ProblemPaths $shape = null) {}

    /** @return list<Problem> of everything read so far */
    public function problems(): array
    {
        return $this->problems;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param string          $path  of the data in its document, for problems
     *
     * @return T|null null when it, or a thing it refers to, has a problem
     */
    public function read(string $class, \stdClass $data, string $path): ?object
    {
        if ($class === Capability::class) {
            if (!is_string($data->op ?? null) || $this->shape?->isAt($path . '/op') === true) {
                return null;
            }
            $class = CapabilityTypes::classOf($data->op);
        }
        $arguments = [];
        // What is wrong in shape cannot be built, but what stands in it is read on: all problems come at once.
        $isWhole = $this->shape?->isAtOrBelow($path) !== true;
        foreach (ObjectPlan::of($class)->fields as $field) {
            if (!property_exists($data, $field->name)) {
                continue;
            }
            if ($this->shape?->isAt($path . '/' . $field->name) === true) {
                continue;
            }
            $value = $this->readValue($field, $data->{$field->name}, $path . '/' . $field->name);
            $isWhole = $isWhole && $value !== null && !(is_array($value) && in_array(null, $value, true));
            $arguments[$field->name] = $value;
        }
        if (!$isWhole) {
            return null;
        }
        try {
            /** @var T */
            return new $class(...$arguments);
        } catch (Invalid $refused) {
            $this->problems[] = new Problem($refused->field === '' ? $path : $path . '/' . $refused->field, $refused->value, $refused->expected);

            return null;
        }
    }

    /**
     * Plain data as json_encode wants it: an object for each value object.
     *
     * @param bool $whole with what has its default too (in this object, not in those below it)
     */
    public function write(object $thing, bool $whole = false): \stdClass
    {
        $data = new \stdClass();
        if ($thing instanceof Capability) {
            $data->op = $thing::operation()->value;
        }
        foreach (ObjectPlan::of($thing::class)->fields as $field) {
            $value = $thing->{$field->name};
            if (!$whole && $field->hasDefault && $value === $field->default) {
                continue;
            }
            $data->{$field->name} = $field->isReference ? $value?->id : $this->writeValue($value);
        }

        return $data;
    }

    private function readValue(ObjectField $field, mixed $value, string $path): mixed
    {
        if ($field->isList) {
            $items = [];
            foreach ((array) $value as $index => $item) {
                $items[] = $this->shape?->isAt($path . '/' . $index) === true ? null : $this->readOne($field->type, $item, $path . '/' . $index);
            }

            return $items;
        }

        return $field->isReference ? $this->readReference($field->type, (string) $value, $path) : $this->readOne($field->type, $value, $path);
    }

    private function readOne(string $type, mixed $value, string $path): mixed
    {
        return match (true) {
            $type === 'float' => (float) $value,
            $type === 'int' => (int) $value,
            $type === 'string', $type === 'bool' => $value,
            $type === Size::class => Size::parse((string) $value),
            $type === SizeRange::class => SizeRange::parse((string) $value),
            $type === Stud::class => Stud::parse((string) $value),
            is_subclass_of($type, \BackedEnum::class) => $type::from($value),
            class_exists($type) && $value instanceof \stdClass => $this->read($type, $value, $path),
            default => throw new \LogicException('no reader for ' . $type . ' at ' . $path),
        };
    }

    private function readReference(string $type, string $id, string $path): ?object
    {
        try {
            return class_exists($type) && $this->find !== null ? ($this->find)($type, $id) : null;
        } catch (Invalid $refused) {
            $this->problems[] = new Problem($path, $id, $refused->expected);

            return null;
        }
    }

    private function writeValue(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map($this->writeValue(...), $value),
            $value instanceof \BackedEnum => $value->value,
            $value instanceof Size, $value instanceof SizeRange, $value instanceof Stud => $value->written,
            is_object($value) => $this->write($value),
            default => $value,
        };
    }
}
