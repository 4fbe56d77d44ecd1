<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Strip;

use Gondrik\Core\Bench\NotchVerdict;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wire\Construction;

/** The notches or dies of a stripper against a core: by their label, else by what the hole leaves of the wall. */
final class PositionCheck
{
    /** The best of the tool's positions; the first among equals. */
    public function best(StripWork $work, Strip $capability, Findings $findings): Position
    {
        $positions = $capability->positions ?? [];
        assert($positions !== []);
        if ($this->neverEnters($work, $positions, $findings)) {
            return self::widest($positions);
        }
        $best = null;
        foreach ($positions as $position) {
            $found = $findings->fresh();
            // Of two that do it the one that leaves less of the wall, of two that miss the nearer one.
            $left = $this->check($work, $position, $found);
            $verdict = $found->verdict();
            $rank = [$verdict->fit->rank(), $verdict->miss, $left];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $position, $found];
            }
        }
        $findings->take($best[2]);

        return $best[1];
    }

    /**
     * A wire of which even the next smaller trade size would be cut by the widest hole does not lie in any of them: it is
     * too big for the tool, and no strand of it is ever cut.
     *
     * @param non-empty-list<Position> $positions
     */
    private function neverEnters(StripWork $work, array $positions, Findings $findings): bool
    {
        $smaller = $work->nextSmallerConductor;
        $widest = self::widest($positions);
        if ($smaller === null || !Tolerance::isBelow($widest->holeDiameter, $smaller)) {
            return false;
        }
        $findings->add(ReasonCode::SizeAbove, Fit::Unsuitable, ['size' => $work->wire->written, 'hole' => $widest->holeDiameter], $work->conductor, $widest->holeDiameter);

        return true;
    }

    /** @param non-empty-list<Position> $positions */
    private static function widest(array $positions): Position
    {
        return array_reduce($positions, static fn(Position $widest, Position $position): Position => $position->holeDiameter > $widest->holeDiameter ? $position : $widest, $positions[0]);
    }

    /** @return float share of the wall that is left; 0 where that was not asked */
    private function check(StripWork $work, Position $position, Findings $findings): float
    {
        $marking = $position->markedFor($work->construction);
        $isOwnLabel = $marking?->standingOf($work->wire)->isLabelled() === true;
        $label = ['position' => $position->label, 'size' => $work->wire->written, 'construction' => $work->construction->value];
        if ($isOwnLabel && $position->hole === null) {
            $findings->add(ReasonCode::NotchLabel, Fit::Proper, $label);

            return 0.0;
        }
        $conductor = $work->conductor;
        $hole = $position->holeDiameter;
        $numbers = ['position' => $position->label, 'conductor' => $conductor, 'hole' => $hole];
        if (Tolerance::isBelow($hole, $conductor)) {
            $cuts = $work->construction === Construction::Solid ? 'conductor' : 'strands';
            $findings->add(ReasonCode::NotchCutsStrands, Fit::Unsuitable, [...$numbers, 'cuts' => $cuts], $conductor, $hole);
        } elseif ($work->od !== null) {
            return $this->wall($conductor, $hole, $work->od, $numbers, $findings);
        } elseif ($isOwnLabel) {
            // Its hole was measured and lets the conductor through; what it leaves cannot be told.
            $findings->add(ReasonCode::NotchLabel, Fit::Proper, $label);
        } else {
            $isOneUp = $marking !== null && $this->isOneSizeUp($marking, $work->wire);
            $findings->add(ReasonCode::NotchOdUnknown, $isOneUp ? Fit::Makeshift : Fit::Unsuitable, [...$numbers, 'size' => $work->wire->written], $hole, $conductor);
        }

        return 0.0;
    }

    /** @param array<string, string|float> $numbers */
    private function wall(float $conductor, float $hole, float $od, array $numbers, Findings $findings): float
    {
        $left = NotchVerdict::wallLeft($hole, $conductor, $od);
        [$code, $fit, $limit] = match (NotchVerdict::ofWall($left)) {
            NotchVerdict::Ragged => [ReasonCode::NotchRagged, Fit::Makeshift, NotchVerdict::CLEAN],
            NotchVerdict::DoesNotSever => [ReasonCode::NotchDoesNotSever, Fit::Unsuitable, NotchVerdict::SEVERS],
            default => [ReasonCode::NotchClose, Fit::Proper, NotchVerdict::CLEAN],
        };
        $findings->add($code, $fit, [...$numbers, 'share' => $left], $left, $limit);

        return $left;
    }

    private function isOneSizeUp(SizeRange $marking, Size $size): bool
    {
        foreach ($marking->spans() as $span) {
            $next = TradeSeries::above($size->area, $span->family());
            if ($next !== null && $span->holds($next->area)) {
                return true;
            }
        }

        return false;
    }
}
