<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

/**
 * Three ways to have pieces made, by what they cost: as it is, with a tool or machine that is bought, and by somebody who is paid by
 * the piece. Money in cents. Each is a straight line over the pieces, so that two of them cross once or never.
 */
final readonly class BreakEven
{
    /** Days of work in a month (common practice). */
    public const DAYS_A_MONTH = 21;

    private const SECONDS_AN_HOUR = 3600;

    /**
     * @param int            $pieces terminations that both efforts are for
     * @param int|float      $before seconds for them as it is
     * @param int|float      $after  seconds for them with what is bought
     * @param int            $price  of what is bought
     * @param int            $wage   for an hour
     * @param int|float|null $piece  paid for one piece elsewhere; null where nobody offers that
     */
    public function __construct(
        public int $pieces,
        private int|float $before,
        private int|float $after,
        public int $price,
        private int $wage,
        public int|float|null $piece = null,
    ) {
        if ($pieces < 1) {
            throw new \InvalidArgumentException('there is nothing to be made');
        }
    }

    /** Cents for one piece as it is. */
    public function asItIs(): float
    {
        return $this->before * $this->wage / self::SECONDS_AN_HOUR / $this->pieces;
    }

    /** Cents for one piece with what is bought, its price aside. */
    public function withIt(): float
    {
        return $this->after * $this->wage / self::SECONDS_AN_HOUR / $this->pieces;
    }

    /** The first number of pieces at which what is bought comes to less than it is now; null: at none. */
    public function from(): ?int
    {
        return $this->crossing(($this->before - $this->after) * $this->wage, self::SECONDS_AN_HOUR * $this->pieces);
    }

    /** The first number of pieces at which what is bought comes to less than being paid by the piece; null: at none. */
    public function fromAgainstPiece(): ?int
    {
        return $this->piece === null ? null : $this->crossing($this->piece * self::SECONDS_AN_HOUR * $this->pieces - $this->after * $this->wage, self::SECONDS_AN_HOUR * $this->pieces);
    }

    /** Whether paying by the piece comes to less than it is now, however many there are; null where nobody offers that. */
    public function isPieceCheaper(): ?bool
    {
        return $this->piece === null ? null : $this->piece * self::SECONDS_AN_HOUR * $this->pieces < $this->before * $this->wage;
    }

    /**
     * Months of work until what is bought has paid for itself.
     *
     * @param int $days over which the pieces are made
     *
     * @return float|null null: never
     */
    public function months(int $days): ?float
    {
        $saves = ($this->before - $this->after) * $this->wage;

        return $saves <= 0 ? null : $this->price * self::SECONDS_AN_HOUR / $saves * $days / self::DAYS_A_MONTH;
    }

    /** Where the price is won back at so much over so much a piece: from the piece after, for at it both are equal. */
    private function crossing(int|float $saved, int $over): ?int
    {
        // Figures with a fraction may miss a whole number by a hair.
        return $saved <= 0 ? null : (int) floor(round($this->price * $over / $saved, 6)) + 1;
    }
}
