<?php

declare(strict_types=1);

namespace App\Workbook;

/**
 * What a question needs to know of a shop, by ids: null stands for all, an empty list for none. What is needed for these comes along:
 * the tools of a kit, what tools require, the wires and terminals of lines.
 */
final readonly class Needs
{
    /**
     * @param list<string>|null $wires
     * @param list<string>|null $terminals
     * @param list<string>|null $tools
     * @param list<string>|null $kits
     * @param list<string>|null $scopes
     * @param list<string>|null $lines     of those scopes
     * @param int|null          $first     of wires, terminals and tools each only so many
     */
    public function __construct(
        public ?array $wires = [],
        public ?array $terminals = [],
        public ?array $tools = [],
        public ?array $kits = [],
        public ?array $scopes = [],
        public ?array $lines = null,
        public ?int $first = null,
    ) {}

    public static function everything(): self
    {
        return new self(null, null, null, null, null);
    }
}
