<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

/** Several people do the same work at the same time and share its tools. */
final readonly class Sharing
{
    private const SECONDS_AN_HOUR = 3600;

    /** @param float $hours that they have for it */
    public function __construct(public int $people, public float $hours)
    {
        if ($people < 1 || $hours <= 0) {
            throw new \InvalidArgumentException('it takes somebody, and some time');
        }
    }

    /**
     * How many of one tool it takes: so many that it is not wanted for longer than there is time, by the hours for which it is in all
     * their hands over those that there are; never more than one each. How they take turns is another question; fewer will not do.
     *
     * @param int|float $seconds for which one of them has it in hand
     */
    public function of(int|float $seconds): int
    {
        return $seconds <= 0 ? 0 : min($this->people, (int) ceil(round($seconds * $this->people / ($this->hours * self::SECONDS_AN_HOUR), 9)));
    }
}
