<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Log\Entry;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Plain;
use Gondrik\Core\Value\Variants;

/**
 * Between value objects and plain JSON data: a key for each constructor parameter, under the same name; the keys of a group
 * stand in the object itself. What has its default is left out when written.
 */
final class ObjectCodec
{
    /** @var list<Problem> */
    private array $problems = [];

    /**
     * @param (\Closure(class-string, string): (object|Unread))|null $find  a thing that stands elsewhere, by class and id
     * @param ProblemPaths|null                                      $shape where the shape of the data has been found wrong already
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
     * @return T|Unread broken when it, or a thing it refers to, has a problem
     */
    public function read(string $class, \stdClass $data, string $path): object
    {
        if (is_subclass_of($class, Variants::class) && (new \ReflectionClass($class))->isAbstract()) {
            $key = $class::kindKey();
            $of = is_string($data->{$key} ?? null) ? $class::ofKind($data->{$key}) : null;
            if ($of === null || $this->shape?->isAt($path . '/' . $key) === true) {
                return $this->shape?->isAtOrBelow($path) === true ? Unread::Broken : $this->refuseType($path . '/' . $key, $data->{$key} ?? null, $class::kindName());
            }
            /** @var class-string<T> $class */
            $class = $of;
        }
        $arguments = [];
        // What is wrong in shape cannot be built, but what stands in it is read on: all problems come at once.
        $isWhole = $this->shape?->isAtOrBelow($path) !== true;
        foreach (ObjectPlan::of($class)->fields as $field) {
            $value = match (true) {
                $field->isInline && class_exists($field->type) => $this->readGroup($field->type, $field->default, $data, $path),
                !property_exists($data, $field->name) || ($data->{$field->name} === null && $field->hasDefault && $field->default === null) || $this->shape?->isAt($path . '/' . $field->name) === true => null,
                default => $this->readValue($field, $data->{$field->name}, $path . '/' . $field->name),
            };
            $isBroken = $value instanceof Unread || (is_array($value) && in_array(Unread::Broken, $value, true));
            $isWhole = $isWhole && !$isBroken;
            if ($value !== null && !$isBroken) {
                $arguments[$field->name] = $value;
            }
        }

        foreach (ObjectPlan::of($class)->fields as $field) {
            if ($isWhole && !$field->hasDefault && !isset($arguments[$field->name])) {
                return $this->refuseType($path . '/' . $field->name, null, 'given');
            }
        }

        return $isWhole ? $this->build($class, $arguments, $path) : Unread::Broken;
    }

    /**
     * A group that says nothing of its own is one and the same object for all that have it.
     *
     * @param class-string $group
     */
    private function readGroup(string $group, mixed $default, \stdClass $data, string $path): object
    {
        $read = $this->read($group, $data, $path);

        return is_object($default) && !$read instanceof Unread && get_object_vars($read) === get_object_vars($default) ? $default : $read;
    }

    /**
     * @template T of object
     *
     * @param class-string<T>      $class
     * @param array<string, mixed> $arguments
     *
     * @return T|Unread
     */
    private function build(string $class, array $arguments, string $path): object
    {
        try {
            return new $class(...$arguments);
        } catch (Invalid $refused) {
            return $this->refuse($refused->field === '' ? $path : $path . '/' . $refused->field, $refused);
        }
    }

    private function refuse(string $path, Invalid $refused): Unread
    {
        $this->problems[] = new Problem($path, $refused->value, $refused->expected);

        return Unread::Broken;
    }

    /**
     * Plain data as json_encode wants it: an object for each value object.
     *
     * @param bool $whole with what has its default too (in this object, not in those below it)
     */
    public function write(object $thing, bool $whole = false): \stdClass
    {
        $data = new \stdClass();
        if ($thing instanceof Variants) {
            $data->{$thing::kindKey()} = $thing::kind();
        }
        foreach (ObjectPlan::of($thing::class)->fields as $field) {
            $value = $thing->{$field->name};
            if ($field->isInline && is_object($value)) {
                foreach (get_object_vars($this->write($value, $whole)) as $key => $member) {
                    $data->{$key} = $member;
                }
            } elseif ($whole || !$field->hasDefault || $value !== $field->default) {
                $data->{$field->name} = $field->isReference ? $value?->id : $this->writeValue($value);
            }
        }

        return $data;
    }

    private function readValue(ObjectField $field, mixed $value, string $path): mixed
    {
        if ($field->isList) {
            $items = [];
            foreach (is_array($value) ? $value : [null] as $index => $item) {
                $items[] = $this->shape?->isAt($path . '/' . $index) === true ? Unread::Broken : $this->readOne($field->type, $item, $path . '/' . $index);
            }

            return $items;
        }

        return $field->isReference ? $this->readReference($field->type, is_string($value) ? $value : '', $path) : $this->readOne($field->type, $value, $path);
    }

    private function readOne(string $type, mixed $value, string $path): mixed
    {
        return match (true) {
            // Minus nought is nought.
            $type === 'float' => is_int($value) || (is_float($value) && is_finite($value)) ? ((float) $value === 0.0 ? 0.0 : (float) $value) : $this->refuseType($path, $value, 'a number'),
            $type === 'int' => is_int($value) || (is_float($value) && $value === floor($value) && abs($value) < PHP_INT_MAX) ? (int) $value : $this->refuseType($path, $value, 'a whole number'),
            $type === 'string' => is_string($value) ? $value : $this->refuseType($path, $value, 'text'),
            $type === 'bool' => is_bool($value) ? $value : $this->refuseType($path, $value, 'true or false'),
            is_subclass_of($type, Plain::class) => $this->readPlain($type, $value, $path),
            is_subclass_of($type, \BackedEnum::class) => (is_string($value) ? $type::tryFrom($value) : null) ?? $this->refuseType($path, $value, 'one of ' . implode(', ', array_column($type::cases(), 'value'))),
            class_exists($type) => $value instanceof \stdClass ? $this->read($type, $value, $path) : $this->refuseType($path, $value, 'an object'),
            default => throw new \LogicException('no reader for ' . $type . ' at ' . $path),
        };
    }

    /** What the schema would have said: data that did not pass it is told here, never thrown. */
    private function refuseType(string $path, mixed $value, string $expected): Unread
    {
        return $this->refuse($path, Invalid::at('', is_scalar($value) ? $value : null, 'must be ' . $expected));
    }

    /** @param class-string<Plain> $type */
    private function readPlain(string $type, mixed $value, string $path): object
    {
        try {
            return $type::read($value);
        } catch (Invalid $refused) {
            return $this->refuse($path, $refused);
        }
    }

    private function readReference(string $type, string $id, string $path): object
    {
        $found = class_exists($type) && $this->find !== null ? ($this->find)($type, $id) : Unread::Unknown;
        if ($found !== Unread::Unknown) {
            return $found;
        }
        $this->problems[] = new Problem($path, $id, 'no ' . self::nameOf($type) . ' of the workbook has this id');

        return Unread::Broken;
    }

    /** What a thing of this class is called. */
    private static function nameOf(string $class): string
    {
        if ($class === Entry::class) {
            return 'entry';
        }

        return WorkbookList::holding($class)->one();
    }

    private function writeValue(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map($this->writeValue(...), $value),
            $value instanceof \BackedEnum => $value->value,
            $value instanceof Plain => $value->plain(),
            is_object($value) => $this->write($value),
            default => $value,
        };
    }
}
