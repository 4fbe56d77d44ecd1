<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Asset;

/** What would make a thing count again in the kit that it belongs to: it is called back, its dues are renewed, or both. */
final readonly class Mending
{
    /** @param list<DueState> $dues that are past or were never done, and without which it does not count */
    public function __construct(
        public Asset $asset,
        /** Somebody has it who is no kit of the shop. */
        public bool $isLent,
        public array $dues,
    ) {}

    /** Of all that is renewed, in cents; what states no price is done in the house. */
    public function price(): int
    {
        return array_sum(array_map(static fn(DueState $state): int => $state->due->price ?? 0, $this->dues));
    }
}
