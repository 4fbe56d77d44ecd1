<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Cut;

use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Bound;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\LimitCheck;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Reach;
use Gondrik\Core\Match\SizeCheck;
use Gondrik\Core\Match\Stretch;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Cut;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;

/** @extends OperationRules<CutWork, Cut> */
final class CutRules extends OperationRules
{
    public static function operation(): Operation
    {
        return Operation::Cut;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $end?->isCut() === true;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): CutWork
    {
        assert($end !== null);

        return new CutWork($conditions, $end->wire->size, $end->wire->isMultiCore(), $end->wire->outsideDiameter());
    }

    public function judge(Work $work, Capability $capability, Findings $findings): null
    {
        $range = $work->isMultiCore ? $capability->multi : $capability->single;
        $range === null
            ? $findings->add(ReasonCode::CutNoMulti, Fit::Unsuitable)
            : $this->size($work->wire, $range, $capability, $findings);
        LimitCheck::atMost($work->od, $capability->maxOd, $findings);

        return null;
    }

    private function size(Size $size, SizeRange $range, Cut $capability, Findings $findings): void
    {
        $standing = $range->standingOf($size);
        $isOneBite = $standing->isInside() || !$standing->isAbove() || $capability->bites < 2 || $capability->proven?->standingOf($size)->isInside() === true;
        if ($isOneBite || !$range->isOneSizeOff($standing, $size)) {
            // Below its range a cutter still cuts, it is only clumsy.
            SizeCheck::of($size, $range, $capability->proven, $findings, below: Fit::Makeshift);

            return;
        }
        $numbers = ['size' => $size->written, 'range' => $range->written, 'bites' => $capability->bites];
        $findings->add(ReasonCode::CutBites, Fit::Makeshift, $numbers, $standing->area, $standing->span->greatest->area);
    }

    public function bound(Capability $capability): Bound
    {
        return Bound::around([$capability->single, $capability->multi, $capability->proven], Bound::NEXT_SIZE)->upwards();
    }

    public function group(Work $work): array
    {
        return [$work->isMultiCore ? 'multi' : 'single'];
    }

    public function wanted(array $works): Wanted
    {
        $sizes = Gather::sizes($works);
        $isMulti = $works[0]->isMultiCore;
        $od = Gather::greatest($works, static fn(CutWork $work): ?float => $work->od);

        return new Wanted(
            new Cut($sizes, $isMulti ? $sizes : null, $od),
            Asked::by($works),
            [$isMulti ? 'multi' : 'single' => $sizes->written, ...$od === null ? [] : ['od' => $od]],
        );
    }

    public function lane(Work $work): string
    {
        return self::operation()->value;
    }

    public function printed(Capability $capability): Reach
    {
        $ranges = array_values(array_filter([$capability->single, $capability->multi]));

        return Reach::of([Stretch::hull(array_map(static fn(SizeRange $range): Stretch => Stretch::over($range, $capability->grade), $ranges), $capability->grade)], $capability->proven);
    }
}
