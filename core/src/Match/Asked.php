<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Access;

/** What the places of several works ask of one tool, all taken together. */
final readonly class Asked
{
    private function __construct(
        public bool $compact,
        public bool $oneHanded,
        public bool $noMains,
        public bool $travels,
    ) {}

    /** @param non-empty-list<Work> $works */
    public static function by(array $works): self
    {
        $any = static fn(\Closure $test): bool => array_filter($works, static fn(Work $work): bool => $test($work->conditions)) !== [];

        return new self(
            $any(static fn(Conditions $place): bool => $place->access === Access::Tight),
            $any(static fn(Conditions $place): bool => $place->access === Access::OneHanded),
            $any(static fn(Conditions $place): bool => $place->noMains),
            $any(static fn(Conditions $place): bool => $place->mustTravel),
        );
    }
}
