<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

/** What one capability, at its best position, says to one step. */
final readonly class Answer
{
    public Fit $fit;

    public int $remarks;

    /** @param list<Reason> $reasons every check, passed or failed */
    public function __construct(public array $reasons, public ?string $position = null)
    {
        $fit = Fit::Proper;
        $remarks = 0;
        foreach ($reasons as $reason) {
            if ($reason->fit !== Fit::Proper) {
                $fit = $fit->worse($reason->fit);
            }
            $remarks += $reason->isRemark() ? 1 : 0;
        }
        $this->fit = $fit;
        $this->remarks = $remarks;
    }

    public function isPerfect(): bool
    {
        return $this->fit === Fit::Proper && $this->remarks === 0;
    }

    /** Negative when this one is to be preferred: better fit, then fewer remarks. */
    public function compare(self $other): int
    {
        return [$this->fit->rank(), $this->remarks] <=> [$other->fit->rank(), $other->remarks];
    }

    /**
     * The best; among equals the one that misses by least, then the first.
     *
     * @param non-empty-list<self> $answers
     */
    public static function best(array $answers): self
    {
        $best = $answers[0];
        foreach (array_slice($answers, 1) as $answer) {
            $order = $answer->compare($best);
            if ($order < 0 || ($order === 0 && $answer->fit !== Fit::Proper && $answer->miss() < $best->miss())) {
                $best = $answer;
            }
        }

        return $best;
    }

    /** How far off in all: see Reason::miss(). */
    public function miss(): float
    {
        return array_sum(array_map(static fn (Reason $reason): float => $reason->miss(), $this->reasons));
    }

    /** @param list<Reason> $reasons that hold for the whole tool, whatever the position */
    public function with(array $reasons): self
    {
        return $reasons === [] ? $this : new self([...$this->reasons, ...$reasons], $this->position);
    }
}
