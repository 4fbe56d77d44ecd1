<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Step;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Cut;

/** @implements Matcher<Cut> */
final class CutMatcher implements Matcher
{
    public function answer(Step $step, Capability $capability): Answer
    {
        $wire = $step->wire;
        assert($wire !== null);
        $range = $wire->isMultiCore() ? $capability->multi : $capability->single;
        $reasons = $range === null
            ? [new Reason(ReasonCode::CutNoMulti, Fit::Unsuitable)]
            : $this->size($wire->size, $range, $capability);

        return new Answer([...$reasons, ...DiameterCheck::atMost($wire->outsideDiameter(), $capability->maxOd)]);
    }

    /** @return list<Reason> */
    private function size(Size $size, SizeRange $range, Cut $capability): array
    {
        // Below its range a cutter still cuts, it is only clumsy.
        $reasons = SizeCheck::of($size, $range, $capability->proven, below: Fit::Makeshift);
        if ($reasons[0]->code !== ReasonCode::SizeAbove || $capability->bites < 2) {
            return $reasons;
        }
        $span = $range->standingOf($size)->span;
        $next = TradeSeries::above($span->greatest->area, $span->family());
        if ($next === null || !SizeRange::single($next)->standingOf($size)->isLabelled() && $size->area > $next->area) {
            return $reasons;
        }

        return [new Reason(
            ReasonCode::CutBites,
            Fit::Makeshift,
            ['size' => $size->written, 'range' => $range->written, 'bites' => $capability->bites],
            $size->area,
            $span->greatest->area,
        )];
    }
}
