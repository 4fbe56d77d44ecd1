<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** Says what the members of a list are; the workbook codec reads it where the type only says array. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class ListOf
{
    /** @param class-string|'string'|'float' $type */
    public function __construct(public string $type) {}
}
