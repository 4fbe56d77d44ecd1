<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/** A document that is no workbook, with everything that is wrong with it. */
final class InvalidWorkbook extends \DomainException
{
    /** @param non-empty-list<Problem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(strval(...), $problems)));
    }

    /**
     * The same seen from elsewhere.
     *
     * @param \Closure(string): string $path of each problem there, from its path here
     */
    public function seenFrom(\Closure $path): self
    {
        return new self(array_map(static fn(Problem $problem): Problem => new Problem($path($problem->path), $problem->value, $problem->expected), $this->problems));
    }
}
