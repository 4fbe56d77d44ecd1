<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Solder;

/** @implements Matcher<Solder> */
final class SolderMatcher implements Matcher
{
    /** A temperature that the line states must be covered; an iron that states none cannot show that it does. */
    public function answer(Step $step, Capability $capability): Answer
    {
        $asked = $step->line->temperature;
        if ($asked === null) {
            return new Answer([]);
        }
        $limits = $capability->temperature;
        $fit = $limits?->holds($asked) === true ? Fit::Proper : Fit::Unsuitable;
        $limit = $limits === null ? null : ($limits->isAbove($asked) ? $limits->max : $limits->min);

        return new Answer([new Reason(ReasonCode::SolderTemperature, $fit, ['temperature' => $asked], $asked, $limit)]);
    }
}
