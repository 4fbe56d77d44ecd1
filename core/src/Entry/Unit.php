<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Size\SizeRange;

/** A piece of an entry. */
final readonly class Unit
{
    public function __construct(
        public UnitKind $kind,
        /** First character and the one after the last. */
        public int $from,
        public int $to,
        /** As it stands there. */
        public string $text,
        /** The number, the stud, or the word in small letters; N·m and °C where it has a unit. */
        public string|float $value = '',
        public ?SizeRange $size = null,
        /** What the vocabulary says of a word. */
        public ?Meaning $meaning = null,
    ) {}

    public function is(UnitKind ...$kinds): bool
    {
        return in_array($this->kind, $kinds, true);
    }

    public function isWord(string ...$words): bool
    {
        return $this->kind === UnitKind::Word && in_array($this->value, $words, true);
    }
}
