<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Plain;
use Gondrik\Core\Wire\MaterialGroup;

/** What a hand can learn: an operation, of stripping the group of the insulation, of crimping the class of the terminal. */
final readonly class HandSkill implements Plain, \Stringable
{
    private function __construct(public string $name) {}

    /** @throws Invalid for anything that is no skill */
    public static function read(mixed $plain): static
    {
        return in_array($plain, self::names(), true) ? new static($plain) : throw Invalid::at('', is_scalar($plain) ? $plain : null, 'must be one of ' . implode(', ', self::names()));
    }

    /** What a hand must be able to do for an operation; null for stripping or crimping nobody knows what. */
    public static function of(Operation $operation, ?MaterialGroup $group, ?TerminalClass $class): ?static
    {
        return match ($operation) {
            Operation::Strip => $group === null ? null : new static($operation->value . ':' . $group->value),
            Operation::Crimp => $class === null ? null : new static($operation->value . ':' . $class->value),
            default => new static($operation->value),
        };
    }

    public function plain(): string
    {
        return $this->name;
    }

    public function __toString(): string
    {
        return $this->name;
    }

    public function operation(): Operation
    {
        return Operation::from(explode(':', $this->name)[0]);
    }

    /** @return list<string> all that there are, operation by operation */
    public static function names(): array
    {
        $names = [];
        foreach (Operation::cases() as $operation) {
            $kinds = match ($operation) {
                Operation::Strip => array_column(MaterialGroup::cases(), 'value'),
                Operation::Crimp => array_column(TerminalClass::cases(), 'value'),
                default => [],
            };
            $names = [...$names, ...$kinds === [] ? [$operation->value] : array_map(static fn(string $kind): string => $operation->value . ':' . $kind, $kinds)];
        }

        return $names;
    }
}
