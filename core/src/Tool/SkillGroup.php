<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Plain;

/** One skill, or all skills of an operation, by the part before the colon: "crimp:lug", "crimp". */
final readonly class SkillGroup implements Plain, \Stringable
{
    private function __construct(public string $name) {}

    /** @throws Invalid for what is neither */
    public static function read(mixed $plain): static
    {
        $names = array_values(array_unique([...array_column(Operation::cases(), 'value'), ...HandSkill::names()]));

        return in_array($plain, $names, true) ? new static($plain) : throw Invalid::at('', is_scalar($plain) ? $plain : null, 'must be one of ' . implode(', ', $names));
    }

    public function plain(): string
    {
        return $this->name;
    }

    public function __toString(): string
    {
        return $this->name;
    }

    /** @param HandSkill|null $skill of a step of the operation; null where the step says too little of itself */
    public function has(Operation $operation, ?HandSkill $skill): bool
    {
        return $this->name === $operation->value || $this->name === $skill?->name;
    }
}
