<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/** One thing wrong with a workbook: where, what stands there, and what would be right. */
final readonly class Problem
{
    public function __construct(
        /** "wires/0/size"; "" for the document itself */
        public string $path,
        public mixed $value,
        public string $expected,
    ) {}

    public function __toString(): string
    {
        $value = $this->value === null ? '' : ' ' . mb_strimwidth((string) json_encode($this->value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 0, 80, '…');

        return ($this->path === '' ? 'workbook' : $this->path) . ':' . $value . ' – ' . $this->expected;
    }
}
