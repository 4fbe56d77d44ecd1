<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;

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
        $others = array_values(array_filter($this->choice->toolsFor($operation), static fn(Tool $tool): bool => $tool !== $cover->chosen?->tool));
        $matches = array_map(fn(Tool $tool): ToolMatch => $this->choice->match($tool, $operation, $cover->work), $others);
        usort($matches, static fn(ToolMatch $one, ToolMatch $other): int => $one->verdict->compare($other->verdict));

        return $matches;
    }
}
