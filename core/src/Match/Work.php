<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\Size;

/**
 * What a step asks of a tool: everything that judging may read, and nothing else. Two steps of equal work are answered
 * alike by every tool, whatever lines they stand in.
 */
abstract readonly class Work
{
    public function __construct(public Conditions $conditions) {}

    /** The wire's; null for a screw. */
    public function size(): ?Size
    {
        return null;
    }

    /**
     * All that makes this work what it is, beside the conditions: what equality looks at.
     *
     * @return list<scalar|\BackedEnum|null>
     */
    abstract protected function values(): array;

    /** Equal for equal works of one operation. */
    final public function key(): string
    {
        return $this->conditions->key . json_encode($this->values(), JSON_THROW_ON_ERROR);
    }
}
