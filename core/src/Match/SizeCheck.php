<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Standing;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;

/** A wire's size against the printed range of a tool, and against what the shop has proven. */
final class SizeCheck
{
    /**
     * @param Fit $below what being under the range is worth
     *
     * @return Standing to the printed range
     */
    public static function of(Size $size, SizeRange $printed, ?SizeRange $proven, Findings $findings, Fit $below = Fit::Unsuitable): Standing
    {
        $standing = $printed->standingOf($size);
        if ($standing->isInside()) {
            $numbers = ['size' => $size->written, 'range' => $printed->written];
            $standing->otherMarking
                ? $findings->add(ReasonCode::SizeTradeEquivalent, Fit::Proper, [...$numbers, ...self::marking($standing)])
                : $findings->add(ReasonCode::SizeInRange, Fit::Proper, $numbers);
            if ($proven !== null) {
                self::proven($size, $proven, $findings);
            }
        } elseif ($proven !== null && $proven->standingOf($size)->isInside()) {
            self::provenBeyondPrint($size, $printed, $proven, $findings);
        } else {
            $isAbove = $standing->isAbove();
            $findings->add(
                $isAbove ? ReasonCode::SizeAbove : ReasonCode::SizeBelow,
                $isAbove ? Fit::Unsuitable : $below,
                ['size' => $size->written, 'range' => $printed->written],
                $standing->area,
                $standing->span->nearestEnd($standing->area)->area,
            );
        }

        return $standing;
    }

    /** For a size that is in the printed range, or where nothing is printed. */
    public static function proven(Size $size, ?SizeRange $proven, Findings $findings): void
    {
        if ($proven === null) {
            return;
        }
        $standing = $proven->standingOf($size);
        $numbers = ['size' => $size->written, 'range' => $proven->written];
        $standing->isInside()
            ? $findings->add(ReasonCode::SizeProven, Fit::Proper, $numbers)
            : $findings->add(ReasonCode::SizeUnproven, Fit::Makeshift, $numbers, $standing->area, $standing->span->nearestEnd($standing->area)->area);
    }

    public static function provenBeyondPrint(Size $size, SizeRange $printed, SizeRange $proven, Findings $findings): void
    {
        $standing = $printed->standingOf($size);
        $findings->add(
            ReasonCode::SizeProvenBeyondPrint,
            Fit::Makeshift,
            ['size' => $size->written, 'range' => $printed->written, 'proven' => $proven->written],
            $standing->area,
            $standing->span->nearestEnd($standing->area)->area,
        );
    }

    /** @return array<string, string> what has to be looked at: the trade equivalent that passes, or the span of the other marking */
    public static function marking(Standing $standing): array
    {
        return $standing->equivalent !== null ? ['equivalent' => $standing->equivalent->written] : ['marking' => $standing->span->written()];
    }
}
