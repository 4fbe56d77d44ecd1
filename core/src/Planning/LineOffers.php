<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Scope\Line;

/** A line that does not count with the kit as it is, and the other terminals that would make it count. */
final readonly class LineOffers
{
    /** @param list<Substitute> $substitutes the cheapest first */
    public function __construct(
        public Line $line,
        /** The scope by number. */
        public int $scope,
        /** What tools for it as it stands cost by themselves, in cents; null where nothing makes it count. */
        public ?int $costAsItStands,
        public array $substitutes,
    ) {}
}
