<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Day;
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

    /**
     * This scope with the lines of another: what is the same work here already is added to its line, all else follows at the
     * end, under another id where its own is taken.
     */
    public function with(self $other): self
    {
        $lines = array_column($this->lines, null, 'id');
        foreach ($other->lines as $line) {
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
}
