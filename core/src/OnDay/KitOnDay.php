<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\Worker;
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

    /** The same in somebody's hands. */
    public function with(?Worker $worker): self
    {
        return new self($this->kit->with($worker), $this->day, $this->away);
    }

    /** @return list<Tool> models that belong into it and of which nothing counts */
    public function gone(): array
    {
        $gone = [];
        foreach ($this->away as $away) {
            $gone[$away->asset->tool->id] = $away->asset->tool;
        }

        return array_values(array_diff_key($gone, array_flip(array_map(static fn(TakingPart $part): string => $part->tool->id, $this->kit->tools))));
    }
}
