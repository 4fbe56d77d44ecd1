<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\OnDay\Mending;
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
        /** One more of a tool that is there, or comes, already: it does nothing new, but backs it. */
        public bool $isSecond = false,
        /** The thing that counts again, and what makes it. */
        public ?Mending $mending = null,
    ) {}

    /** Null for a tool without a price: it cannot be bought. */
    public static function buying(Tool $tool): ?self
    {
        return $tool->cost->price === null ? null : new self($tool, Means::Buy, $tool->cost->price);
    }

    /** One more of the same, to back it; null for a tool without a price. */
    public static function second(Tool $tool): ?self
    {
        return $tool->cost->price === null ? null : new self($tool, Means::Buy, $tool->cost->price, isSecond: true);
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

    /** @param bool $isSecond beside one that is there, or comes, already */
    public static function mending(Mending $mending, bool $isSecond = false): self
    {
        return new self($mending->asset->tool, $mending->dues === [] ? Means::CallBack : Means::Renew, $mending->price(), isSecond: $isSecond, mending: $mending);
    }

    /** In g, that come to what is packed. */
    public function mass(): int
    {
        return $this->means === Means::PerPiece || $this->means->isMending() ? 0 : $this->tool->handling->massGrams ?? 0;
    }
}
