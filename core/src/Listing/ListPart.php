<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Scope\HandStep;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Torque;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Due;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Plain;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\ObjectField;
use Gondrik\Core\Workbook\ObjectPlan;

/**
 * A thing of the workbook laid flat, or a part of one that stands in rows of its own: a tool has a row for each capability, and
 * of a capability one for each notch or nest; and one for each due. Made of the same plan that the codec reads by.
 */
final readonly class ListPart
{
    /** Parts in rows of their own, by their class: what stands before the names of their columns. */
    private const PREFIXES = [Capability::class => 'capability.', Position::class => 'position.', Nest::class => 'nest.', Due::class => 'due.'];

    /**
     * @param list<ListColumn>    $columns
     * @param array<string, self> $parts   by the key that holds the list of them
     */
    private function __construct(
        public string $prefix,
        public array $columns,
        public array $parts,
        /** Where no row of it stands, nothing is said of it; that there is none is said. */
        public bool $isOptional = false,
    ) {}

    /** @param class-string<Wire|Terminal|Tool|Kit|Person|Asset|Line> $class */
    public static function of(string $class): self
    {
        /** @var array<string, self> $known */
        static $known = [];

        return $known[$class] ??= self::made($class, '');
    }

    /** The column that numbers its rows, where it has parts of its own that must be told to which they belong. */
    public function number(): ?string
    {
        return $this->parts === [] || $this->prefix === '' ? null : rtrim($this->prefix, '.');
    }

    /** @return list<ListColumn> of this and of all its parts, in the order in which they are written */
    public function all(): array
    {
        $columns = $this->columns;
        foreach ($this->parts as $part) {
            $columns = [...$columns, ...$part->all()];
        }

        return $columns;
    }

    private static function made(string $class, string $prefix, bool $isOptional = false): self
    {
        $columns = $parts = [];
        foreach (self::plans($class) as $plan) {
            foreach ($plan->keys() as $field) {
                if ($field->isList && class_exists($field->type) && !enum_exists($field->type) && $field->type !== HandStep::class) {
                    $parts[$field->name] ??= self::made($field->type, self::PREFIXES[$field->type] ?? '', $field->hasDefault && $field->default === null);
                    continue;
                }
                foreach (self::columns($field, [$field->name]) as [$keys, $leaf]) {
                    $name = $prefix . implode('.', $keys);
                    $columns[$name] ??= new ListColumn($name, $keys, self::kind($leaf), self::dimension($leaf, $keys), self::words($leaf, $keys), $class !== Capability::class && $keys === [$field->name] && !$field->hasDefault);
                }
            }
        }
        if ($class === Capability::class) {
            $columns = [$prefix . 'op' => new ListColumn($prefix . 'op', ['op'], CellKind::Word, words: array_column(Operation::cases(), 'value')), ...$columns];
        }

        return new self($prefix, array_values($columns), $parts, $isOptional);
    }

    /** @return list<ObjectPlan> a capability is one of several */
    private static function plans(string $class): array
    {
        assert(class_exists($class));

        return array_map(ObjectPlan::of(...), $class === Capability::class ? array_map(static fn(Operation $operation): string => $operation->capability(), Operation::cases()) : [$class]);
    }

    /**
     * @param non-empty-list<string> $keys
     *
     * @return list<array{non-empty-list<string>, ObjectField}> the values below a field
     */
    private static function columns(ObjectField $field, array $keys): array
    {
        if ($field->isList || $field->isReference || !class_exists($field->type) || enum_exists($field->type) || is_subclass_of($field->type, Plain::class)) {
            return [[$keys, $field]];
        }
        $columns = [];
        foreach (ObjectPlan::of($field->type)->keys() as $member) {
            $columns = [...$columns, ...self::columns($member, [...$keys, $member->name])];
        }

        return $columns;
    }

    private static function kind(ObjectField $field): CellKind
    {
        return match (true) {
            $field->isList && $field->type === HandStep::class => CellKind::Steps,
            $field->isList => CellKind::Words,
            $field->isReference => CellKind::Text,
            $field->type === 'int' => CellKind::Whole,
            $field->type === 'float' => CellKind::Number,
            $field->type === Torque::class => CellKind::Torque,
            $field->type === 'bool' => CellKind::YesNo,
            in_array($field->type, [Size::class, SizeRange::class], true) => CellKind::Size,
            enum_exists($field->type) => CellKind::Word,
            default => CellKind::Text,
        };
    }

    /** @param non-empty-list<string> $keys */
    private static function dimension(ObjectField $field, array $keys): ?Dimension
    {
        $isMeasured = in_array($field->type, ['float', Torque::class], true) || in_array($field->name, ['price', 'perUse', 'perMonth', 'massGrams'], true);

        return $isMeasured && !$field->isList ? Dimension::of(implode('.', $keys)) : null;
    }

    /**
     * @param non-empty-list<string> $keys
     *
     * @return list<string>
     */
    private static function words(ObjectField $field, array $keys): array
    {
        // What a method is depends on the operation: the codec tells.
        if (!is_subclass_of($field->type, \BackedEnum::class) || end($keys) === 'method') {
            return [];
        }

        return array_map(static fn(\BackedEnum $case): string => (string) $case->value, $field->type::cases());
    }
}
