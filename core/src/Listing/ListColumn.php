<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

/** One column of a list: a key of the workbook, by the same name. */
final readonly class ListColumn
{
    /**
     * @param non-empty-list<string> $keys  from the part it belongs to down to its value
     * @param list<string>           $words that it takes, where they are a closed list
     */
    public function __construct(
        /** "sheath.od", "capability.size", "nest.proven" */
        public string $name,
        public array $keys,
        public CellKind $kind,
        public ?Dimension $dimension = null,
        public array $words = [],
        /** A thing is none without it. */
        public bool $isNeeded = false,
    ) {}
}
