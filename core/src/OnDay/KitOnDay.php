<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Value\Day;

/** A kit as it stands when it is asked, and what of it does not count then. */
final readonly class KitOnDay
{
    /** @param list<AssetStanding> $away things whose home it is and that do not count, in the order of the workbook; none of a kit that is not tracked */
    public function __construct(
        public KitAsItStands $kit,
        /** Null on paper. */
        public ?Day $day,
        public array $away = [],
    ) {}
}
