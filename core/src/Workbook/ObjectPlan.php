<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Inline;
use Gondrik\Core\Value\ListOf;

/** The constructor of a value object, read once. */
final readonly class ObjectPlan
{
    /** @param list<ObjectField> $fields in the order of the constructor, a group as one */
    private function __construct(public array $fields) {}

    /** @param class-string $class */
    public static function of(string $class): self
    {
        /** @var array<string, self> $plans */
        static $plans = [];

        return $plans[$class] ??= new self(array_map(self::field(...), (new \ReflectionClass($class))->getConstructor()?->getParameters() ?? []));
    }

    /** @return list<ObjectField> the keys as a document has them, those of groups among them */
    public function keys(): array
    {
        $keys = [];
        foreach ($this->fields as $field) {
            $keys = [...$keys, ...$field->isInline && class_exists($field->type) ? self::of($field->type)->keys() : [$field]];
        }

        return $keys;
    }

    private static function field(\ReflectionParameter $parameter): ObjectField
    {
        $list = $parameter->getAttributes(ListOf::class)[0] ?? null;
        $type = $parameter->getType();
        if (!$type instanceof \ReflectionNamedType || ($type->getName() === 'array') !== ($list !== null)) {
            throw new \LogicException('The codec cannot tell what ' . $parameter->getName() . ' of ' . $parameter->getDeclaringClass()?->getName() . ' holds.');
        }

        return new ObjectField(
            $parameter->getName(),
            $list?->newInstance()->type ?? $type->getName(),
            $list !== null,
            $parameter->getAttributes(ByReference::class) !== [],
            $parameter->getAttributes(Inline::class) !== [],
            $parameter->isDefaultValueAvailable(),
            $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null,
        );
    }
}
