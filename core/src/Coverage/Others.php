<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\KitMatcher;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tool\Kit;

/** The tools of a kit that were not chosen for a step: computed when asked, so that a report stays small. */
final readonly class Others
{
    private KitMatcher $matcher;

    public function __construct(Kit $kit, HouseRules $rules)
    {
        $this->matcher = new KitMatcher($kit, $rules);
    }

    /** @return list<ToolMatch> best first, then the misses by how near they are */
    public function of(StepCover $cover): array
    {
        return array_values(array_filter(
            $this->matcher->ranked($cover->step),
            static fn(ToolMatch $match): bool => $match->tool !== $cover->chosen?->tool,
        ));
    }
}
