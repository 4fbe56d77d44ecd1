<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/** What a search came to: the best set found, and how much better the best there is could be. */
final readonly class Outcome
{
    public function __construct(
        public Worth $worth,
        public bool $isProven,
        /** No set wins more than this. */
        public int $mostWon,
        /** No set that wins as much costs less than this. */
        public int $leastMoney,
    ) {}
}
