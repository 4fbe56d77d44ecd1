<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\TakingPart;

/** The tools of a kit that were not chosen for a step: computed when asked, so that a report stays small. */
final readonly class Others
{
    private Choice $choice;

    public function __construct(KitAsItStands $kit, HouseRules $rules)
    {
        $this->choice = new Choice($kit, $rules, new Operations($rules));
    }

    /** @return list<ToolMatch> best first, then the misses by how near they are */
    public function of(StepCover $cover): array
    {
        $operation = $cover->step->operation;
        $chosen = $cover->chosen?->part;
        // A model of its own and shared stands twice: the one that was not taken is another.
        $others = array_values(array_filter($this->choice->partsFor($operation), static fn(TakingPart $part): bool => $part->tool !== $chosen?->tool || $part->isShared !== $chosen->isShared));
        $matches = array_map(fn(TakingPart $part): ToolMatch => $this->choice->match($part, $operation, $cover->work), $others);
        usort($matches, static fn(ToolMatch $one, ToolMatch $other): int => $one->verdict->compare($other->verdict));

        return $matches;
    }
}
