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
            if ($reason->fit === Fit::Unsuitable) {
                $fit = Fit::Unsuitable;
            } elseif ($reason->isRemark()) {
                $remarks++;
                $fit = $fit === Fit::Proper ? $reason->fit : $fit;
            }
        }
        $this->fit = $fit;
        $this->remarks = $remarks;
    }

    public function isPerfect(): bool
    {
        return $this->fit === Fit::Proper && $this->remarks === 0;
    }

    /** Negative when this one is to be preferred: better fit, then fewer remarks; of two misses the nearer one. */
    public function compare(self $other): int
    {
        return $this->fit === Fit::Unsuitable && $other->fit === Fit::Unsuitable
            ? $this->distance() <=> $other->distance()
            : [$this->fit->rank(), $this->remarks] <=> [$other->fit->rank(), $other->remarks];
    }

    /**
     * How near a miss is, least first: unsuitable reasons, makeshift reasons, then how far off in all (Reason::miss()).
     *
     * @return array{int, int, float}
     */
    public function distance(): array
    {
        $unsuitable = 0;
        $makeshift = 0;
        $miss = 0.0;
        foreach ($this->reasons as $reason) {
            $unsuitable += $reason->fit === Fit::Unsuitable ? 1 : 0;
            $makeshift += $reason->fit === Fit::Makeshift ? 1 : 0;
            $miss += $reason->miss();
        }

        return [$unsuitable, $makeshift, $miss];
    }

    /**
     * The best answer of several things, the first among equals; what comes after a perfect one is not asked.
     *
     * @template T
     *
     * @param non-empty-list<T> $things
     * @param \Closure(T): self $ask
     */
    public static function firstBest(array $things, \Closure $ask): self
    {
        $best = $ask($things[0]);
        for ($n = 1, $count = count($things); $n < $count && !$best->isPerfect(); $n++) {
            $answer = $ask($things[$n]);
            $best = $answer->compare($best) < 0 ? $answer : $best;
        }

        return $best;
    }

    /** @param list<Reason> $reasons that hold for the whole tool, whatever the position */
    public function with(array $reasons): self
    {
        return $reasons === [] ? $this : new self([...$this->reasons, ...$reasons], $this->position);
    }
}
