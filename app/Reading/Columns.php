<?php

declare(strict_types=1);

namespace App\Reading;

use Gondrik\Core\Value\Plain;
use Gondrik\Core\Workbook\ObjectField;
use Gondrik\Core\Workbook\ObjectPlan;
use Illuminate\Support\Str;

/**
 * Keys of the workbook and the columns that hold them: insulationOd is insulation_od; id is code, and a wire's code its
 * printed_code. What has a shape of its own, and every list, is jsonb; what stands elsewhere has a row there.
 */
final readonly class Columns
{
    private const NAMES = ['code' => 'printed_code', 'id' => 'code'];

    /** Members of a kit and of a scope, which have tables of their own. */
    private const ELSEWHERE = ['tools', 'lines'];

    /** @param array<string, ObjectField> $fields by column */
    private function __construct(private array $fields) {}

    /** @param class-string $class of a thing of the workbook */
    public static function of(string $class): self
    {
        $fields = [];
        foreach (ObjectPlan::of($class)->keys() as $field) {
            if (!$field->isReference && !in_array($field->name, self::ELSEWHERE, true)) {
                $fields[self::NAMES[$field->name] ?? Str::snake($field->name)] = $field;
            }
        }

        return new self($fields);
    }

    /** @return array<string, string> columns by the key of the workbook that each holds */
    public function named(): array
    {
        return array_map(strval(...), array_flip(array_map(static fn(ObjectField $field): string => $field->name, $this->fields)));
    }

    /**
     * A row for the database from a thing as the codec writes it, whole.
     *
     * @return array<string, scalar|null> jsonb as text
     */
    public function toRow(\stdClass $item): array
    {
        $row = [];
        foreach ($this->fields as $column => $field) {
            $value = $item->{$field->name};
            $row[$column] = match (true) {
                is_array($value), is_object($value), $value !== null && self::isJson($field) => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                // Bound as a number it would lose its last digits.
                is_float($value) => sprintf('%.17g', $value),
                default => $value,
            };
        }

        return $row;
    }

    /** A thing as the codec reads it, from its row as the database gives it; what has its default is left out. */
    public function toItem(\stdClass $row): \stdClass
    {
        $item = new \stdClass();
        foreach ($this->fields as $column => $field) {
            $stored = $row->{$column};
            if ($stored === null) {
                continue;
            }
            $value = match (true) {
                self::isJson($field) => json_decode($stored, flags: JSON_THROW_ON_ERROR),
                $field->type === 'float' => (float) $stored,
                default => $stored,
            };
            $default = $field->default instanceof \BackedEnum ? $field->default->value : $field->default;
            if (!$field->hasDefault || $value !== $default) {
                $item->{$field->name} = $value;
            }
        }

        return $item;
    }

    /** A value that always stands as text; a torque is a number or text. */
    private static function isText(string $type): bool
    {
        return is_subclass_of($type, Plain::class) && is_subclass_of($type, \Stringable::class);
    }

    private static function isJson(ObjectField $field): bool
    {
        return $field->isList || (class_exists($field->type) && !is_subclass_of($field->type, \BackedEnum::class) && !self::isText($field->type));
    }
}
