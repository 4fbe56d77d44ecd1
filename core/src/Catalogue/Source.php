<?php

declare(strict_types=1);

namespace Gondrik\Core\Catalogue;

/** Where a value comes from, and how sure it is. */
final readonly class Source
{
    public function __construct(
        public string $source,
        /** formula, memory, common-practice or stated */
        public string $recall,
    ) {}
}
