<?php

declare(strict_types=1);

namespace Gondrik\Core\Package;

/** What the cells of a column are, by the names of the Table Schema. */
enum ColumnType: string
{
    case String = 'string';
    case Date = 'date';
    case Integer = 'integer';
    case Number = 'number';
    case Boolean = 'boolean';
    case List = 'array';
    case Group = 'object';
    /** Of several kinds: each is written as JSON, text in quotation marks. */
    case Any = 'any';

    private const DAY = '~^\d{4}-\d{2}-\d{2}$~D';

    public static function of(mixed $value): self
    {
        return match (true) {
            is_int($value) => self::Integer,
            is_float($value) => self::Number,
            is_bool($value) => self::Boolean,
            is_array($value) => self::List,
            $value instanceof \stdClass => self::Group,
            // An empty cell says nothing; that something is empty must be said.
            !is_string($value), trim($value) === '' => self::Any,
            preg_match(self::DAY, $value) === 1 => self::Date,
            default => self::String,
        };
    }

    /** What holds both. */
    public function with(self $other): self
    {
        return match (true) {
            $this === $other => $this,
            $this->isOneOf($other, self::Integer, self::Number) => self::Number,
            $this->isOneOf($other, self::String, self::Date) => self::String,
            default => self::Any,
        };
    }

    public function isText(): bool
    {
        return $this === self::String || $this === self::Date;
    }

    private function isOneOf(self $other, self ...$both): bool
    {
        return in_array($this, $both, true) && in_array($other, $both, true);
    }
}
