<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Standing;
use Gondrik\Core\Size\StandingKind;

/** A wire's size against the printed range of a tool, and against what the shop has proven. */
final class SizeCheck
{
    /**
     * @param Fit $below what being under the range is worth
     *
     * @return list<Reason>
     */
    public static function of(Size $size, SizeRange $printed, ?SizeRange $proven, Fit $below = Fit::Unsuitable): array
    {
        $standing = $printed->standingOf($size);
        if ($standing->isInside()) {
            return [self::inside($size, $printed, $standing), ...self::proven($size, $proven)];
        }
        if ($proven?->standingOf($size)->isInside() === true) {
            return [self::provenBeyondPrint($size, $printed, $proven)];
        }

        return [self::outside($size, $printed, $standing, $below)];
    }

    /** @return list<Reason> for a size that is in the printed range, or where nothing is printed */
    public static function proven(Size $size, ?SizeRange $proven): array
    {
        if ($proven === null) {
            return [];
        }
        $standing = $proven->standingOf($size);
        $numbers = ['size' => $size->written, 'range' => $proven->written];

        return [$standing->isInside()
            ? new Reason(ReasonCode::SizeProven, Fit::Proper, $numbers)
            : new Reason(ReasonCode::SizeUnproven, Fit::Makeshift, $numbers, $standing->area, $standing->span->nearestEnd($standing->area)->area)];
    }

    public static function provenBeyondPrint(Size $size, SizeRange $printed, SizeRange $proven): Reason
    {
        $standing = $printed->standingOf($size);

        return new Reason(
            ReasonCode::SizeProvenBeyondPrint,
            Fit::Makeshift,
            ['size' => $size->written, 'range' => $printed->written, 'proven' => $proven->written],
            $standing->area,
            $standing->span->nearestEnd($standing->area)->area,
        );
    }

    /** What a standing says beside passing: the equivalent, or the span that somebody has to look at. */
    public static function marking(Standing $standing): string
    {
        return $standing->equivalent->written ?? $standing->span->written();
    }

    private static function inside(Size $size, SizeRange $range, Standing $standing): Reason
    {
        return $standing->otherMarking
            ? new Reason(ReasonCode::SizeTradeEquivalent, Fit::Proper, ['size' => $size->written, 'range' => $range->written, 'marking' => self::marking($standing)])
            : new Reason(ReasonCode::SizeInRange, Fit::Proper, ['size' => $size->written, 'range' => $range->written]);
    }

    private static function outside(Size $size, SizeRange $range, Standing $standing, Fit $below): Reason
    {
        assert($standing->kind === StandingKind::Outside);

        return new Reason(
            $standing->isAbove() ? ReasonCode::SizeAbove : ReasonCode::SizeBelow,
            $standing->isAbove() ? Fit::Unsuitable : $below,
            ['size' => $size->written, 'range' => $range->written],
            $standing->area,
            $standing->span->nearestEnd($standing->area)->area,
        );
    }
}
