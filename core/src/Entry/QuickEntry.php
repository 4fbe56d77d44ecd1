<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Scope\Line;

/** What was read of one entry. */
final readonly class QuickEntry
{
    /**
     * @param list<Piece>    $tokens    in the order of the text
     * @param list<Question> $questions
     * @param list<Piece>    $unknown   what was not understood, never guessed
     */
    public function __construct(
        /** Null while its wire or terminal is open. */
        public ?Line $line,
        public array $tokens,
        public array $questions,
        public array $unknown,
        /** Its wires and terminals are called by their names: it says the same whatever else is known. */
        public bool $isByName = false,
    ) {}

    /** Nothing is open and nothing was left out. */
    public function isWhole(): bool
    {
        return $this->line !== null && $this->questions === [] && $this->unknown === [];
    }
}
