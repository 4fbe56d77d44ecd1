<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Tolerance;

/** From–to of a measured quantity; one end may be open. The unit is that of the place where it stands: mm, N·m or °C. */
final readonly class Limits
{
    /** @throws Invalid when both ends are open or in the wrong order */
    public function __construct(public ?float $min = null, public ?float $max = null)
    {
        if ($min === null && $max === null) {
            throw Invalid::at('', null, 'give min, max or both');
        }
        if ($min !== null && $max !== null && $min > $max) {
            throw Invalid::at('min', $min, 'not more than max, ' . $max);
        }
    }

    /** @param non-empty-list<float> $values */
    public static function around(array $values): self
    {
        return new self(min($values), max($values));
    }

    public function isAbove(float $value): bool
    {
        return $this->max !== null && $value > $this->max && Tolerance::isAbove($value, $this->max);
    }

    public function isBelow(float $value): bool
    {
        return $this->min !== null && $value < $this->min && Tolerance::isBelow($value, $this->min);
    }

    public function holds(float $value): bool
    {
        return !$this->isAbove($value) && !$this->isBelow($value);
    }

    /** The end that a value outside lies beyond; null for one inside. */
    public function missedEnd(float $value): ?float
    {
        return $this->isAbove($value) ? $this->max : ($this->isBelow($value) ? $this->min : null);
    }
}
