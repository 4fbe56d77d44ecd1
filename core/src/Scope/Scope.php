<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** The work to be covered. */
final readonly class Scope
{
    use Changed;

    /**
     * @param list<Line>     $lines
     * @param list<ToolKind> $carry kinds to be carried here besides those of the house
     */
    public function __construct(
        public string $id,
        public string $name,
        #[ListOf(Line::class)]
        public array $lines,
        public ?RuleChoice $houseRules = null,
        #[ListOf(ToolKind::class)]
        public array $carry = [],
        /** Days that the quantities spread over. */
        public ?int $days = null,
        public ?string $note = null,
        /** Put away: kept, and out of the way. No tool is held back for it. */
        public bool $archived = false,
        /** The first day of it. */
        public ?Day $starts = null,
        /** What the lines are written for one of; null where they count all of the work. */
        public ?Pieces $pieces = null,
    ) {}

    /**
     * The same scope with other lines.
     *
     * @param list<Line> $lines
     */
    public function withLines(array $lines): self
    {
        return $this->but(lines: $lines);
    }

    /** All of it so many times. */
    public function times(int $times): self
    {
        return $times === 1 ? $this : $this->withLines(array_map(static fn(Line $line): Line => $line->times($line->quantity * $times), $this->lines));
    }

    /** All of the work: written for one piece, it is so many times as much. Whoever reckons asks this. */
    public function whole(): self
    {
        return $this->pieces === null ? $this : $this->times($this->pieces->count)->but(pieces: null);
    }

    /**
     * This scope with the lines of another: what is the same work here already is added to its line, all else follows at the
     * end, under another id where its own is taken. Of one that is written for a piece all of them are taken, unless this is written for
     * just as many.
     *
     * @throws Invalid where this one is written for a piece, and that one is not for just as many
     */
    public function with(self $other): self
    {
        $lines = array_column($this->lines, null, 'id');
        foreach ($this->countedAlike($other)->lines as $line) {
            $same = null;
            foreach ($lines as $own) {
                $same ??= $own->saysTheSameAs($line) ? $own : null;
            }
            if ($same !== null) {
                $lines[$same->id] = $same->times($same->quantity + $line->quantity);
                continue;
            }
            for ($id = $line->id, $next = 2; isset($lines[$id]); $next++) {
                $id = $line->id . '-' . $next;
            }
            $lines[$id] = $line->called($id);
        }

        return $this->withLines(array_values($lines));
    }

    /** @throws Invalid as above */
    private function countedAlike(self $other): self
    {
        if ($this->pieces === null) {
            return $other->whole();
        }
        // Two readings of the same are two objects.
        if ([$this->pieces->name, $this->pieces->count] !== [$other->pieces?->name, $other->pieces?->count]) {
            throw Invalid::at('pieces', $other->pieces?->count, 'written for one of ' . $this->pieces->count . ' (' . $this->pieces->name . '), as this one: its lines count one piece, and not all of the work');
        }

        return $other;
    }
}
