<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** A stretch of an entry and what it was taken for; places count characters. */
final readonly class Piece
{
    public function __construct(
        public int $from,
        public int $to,
        public string $text,
        /** wire, terminal, wireB, or the key of the line; null where it was not understood. */
        public ?string $means = null,
        /** Of the wire or terminal. */
        public ?string $id = null,
    ) {}
}
