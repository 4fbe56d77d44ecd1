<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/**
 * A value object was asked to hold something that makes no sense.
 *
 * The field is the path below the object that refused ("insulationOd", "positions/0/hole"),
 * "" for the object itself; the codec puts the path of the object in front of it.
 */
class Invalid extends \DomainException
{
    final public function __construct(
        public readonly string $field,
        public readonly mixed $value,
        public readonly string $expected,
    ) {
        parent::__construct(($field === '' ? '' : $field . ': ') . $expected);
    }

    public static function at(string $field, mixed $value, string $expected): static
    {
        return new static($field, $value, $expected);
    }

    /** The same refusal seen from one level further out. */
    public function below(string $parent): self
    {
        return new self($this->field === '' ? $parent : $parent . '/' . $this->field, $this->value, $this->expected);
    }
}
