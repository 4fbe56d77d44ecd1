<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\Tool;

/** One way to have a tool. Money in whole cents. */
final readonly class Way
{
    private function __construct(
        public Tool $tool,
        public Means $means,
        /** For all that is planned; by the piece, for one. */
        public int $cost,
        /** Id of the kit that it comes out of. */
        public ?string $from = null,
    ) {}

    /** Null for a tool without a price: it cannot be bought. */
    public static function buying(Tool $tool): ?self
    {
        return $tool->cost->price === null ? null : new self($tool, Means::Buy, $tool->cost->price);
    }

    /** Null for a tool that nobody hires out. */
    public static function borrowing(Tool $tool, int $months): ?self
    {
        return $tool->cost->perMonth === null ? null : new self($tool, Means::Borrow, $months * $tool->cost->perMonth);
    }

    /** Null for a tool that nobody works with for others. */
    public static function perPiece(Tool $tool): ?self
    {
        return $tool->cost->perUse === null ? null : new self($tool, Means::PerPiece, $tool->cost->perUse);
    }

    public static function moving(Tool $tool, string $from): self
    {
        return new self($tool, Means::Move, 0, $from);
    }

    public function mass(): int
    {
        return $this->means === Means::PerPiece ? 0 : $this->tool->handling->massGrams ?? 0;
    }
}
