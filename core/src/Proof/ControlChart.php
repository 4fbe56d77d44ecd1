<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Log\Cleared;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Value\Tolerance;

/**
 * The means and ranges of what was pulled in one setting, and what of them chance does not explain. Forces in N. Source of the
 * method: NIST/SEMATECH e-Handbook of Statistical Methods, section 6.3.2 (from memory).
 */
final readonly class ControlChart
{
    /** So many subgroups set the limits. */
    private const SETTING = 20;

    /** How many of how many means beyond how many sigma. */
    private const RUNS = ['two-of-three' => [2, 3, 2.0], 'four-of-five' => [4, 5, 1.0]];

    private const EIGHT = 8;

    /** @param list<Subgroup> $subgroups in order, at least one */
    private function __construct(
        /** Pieces in each subgroup. */
        public int $size,
        /** The limits are those of fewer subgroups than they are to be of. */
        public bool $isTrial,
        /** Subgroups of another size. */
        public int $leftOut,
        public float $centre,
        /** Mean range. */
        public float $meanRange,
        public float $upper,
        public float $lower,
        public float $rangeUpper,
        public float $rangeLower,
        /** The greatest of what the subgroups must hold; null where nothing says. */
        public ?float $required,
        /** How many times three sigma of a piece lie between the centre and what is required. */
        public ?float $capability,
        public array $subgroups,
    ) {}

    /**
     * @param list<Entry> $entries about one thing, in the order of days
     *
     * @return self|null null without a subgroup of two to ten pieces
     */
    public static function of(array $entries, ChartSetting $setting, PullStandard $standard): ?self
    {
        $pulls = $isNew = [];
        foreach ($entries as $entry) {
            if ($entry instanceof Cleared) {
                $isNew = array_fill_keys(array_keys($isNew), false);
            } elseif ($entry instanceof Pulled && $setting->has($entry)) {
                $pulls[] = $entry;
                $isNew[] = true;
            }
        }
        $size = count($pulls[0]->forces ?? []);
        $factors = ChartFactors::of($size);
        if ($factors === null) {
            return null;
        }
        $points = [];
        foreach ($pulls as $at => $pull) {
            if ($pull->forces !== [] && count($pull->forces) === $size) {
                $points[] = [$pull, array_sum($pull->forces) / $size, max($pull->forces) - min($pull->forces), $isNew[$at]];
            }
        }
        $setting = array_slice($points, 0, self::SETTING);
        $centre = array_sum(array_column($setting, 1)) / max(1, count($setting));
        $meanRange = array_sum(array_column($setting, 2)) / max(1, count($setting));
        $reach = $factors->a2 * $meanRange;
        [$rangeLower, $rangeUpper] = [$factors->d3 * $meanRange, $factors->d4 * $meanRange];
        $required = array_filter(array_map(static fn(array $point): ?float => RequiredForce::of($point[0], $standard), $points), static fn(?float $force): bool => $force !== null);
        $most = $required === [] ? null : max($required);

        $subgroups = $run = [];
        foreach ($points as [$pull, $mean, $range, $isAfterClearing]) {
            $fired = [];
            if ($isAfterClearing) {
                $run[] = $mean;
                $isOutside = Tolerance::isAbove($range, $rangeUpper) || Tolerance::isBelow($range, $rangeLower);
                $fired = [...self::fired($run, $mean, $centre, $reach / 3), ...$isOutside ? [ChartRule::Range] : []];
            }
            $subgroups[] = new Subgroup($pull, $mean, $range, $fired);
        }

        return new self(
            $size,
            count($points) < self::SETTING,
            count($pulls) - count($points),
            $centre,
            $meanRange,
            $centre + $reach,
            $centre - $reach,
            $rangeUpper,
            $rangeLower,
            $most,
            $most === null || $meanRange === 0.0 ? null : ($centre - $most) / (3 * $meanRange / $factors->d2),
            $subgroups,
        );
    }

    /** The first subgroup since the thing was cleared of which something is said; null as long as all is in control. */
    public function firstFired(): ?Subgroup
    {
        foreach ($this->subgroups as $subgroup) {
            if ($subgroup->fired !== []) {
                return $subgroup;
            }
        }

        return null;
    }

    /**
     * What is said of the last of some means that follow each other.
     *
     * @param list<float> $run   since the thing was cleared
     * @param float       $last  the last of them
     * @param float       $sigma of a mean
     *
     * @return list<ChartRule>
     */
    private static function fired(array $run, float $last, float $centre, float $sigma): array
    {
        $isAbove = $last > $centre;
        $isBeyond = static fn(float $mean, float $sigmas): bool => $isAbove
            ? Tolerance::isAbove($mean, $centre + $sigmas * $sigma)
            : Tolerance::isBelow($mean, $centre - $sigmas * $sigma);
        $fired = $isBeyond($last, 3.0) ? [ChartRule::Beyond3] : [];
        foreach (self::RUNS as $rule => [$many, $of, $sigmas]) {
            $beyond = array_filter(array_slice($run, -$of), static fn(float $mean): bool => $isBeyond($mean, $sigmas));
            if ($isBeyond($last, $sigmas) && count($beyond) >= $many) {
                $fired[] = ChartRule::from($rule);
            }
        }
        $onSide = array_filter(array_slice($run, -self::EIGHT), static fn(float $mean): bool => $isBeyond($mean, 0.0));

        return count($onSide) === self::EIGHT ? [...$fired, ChartRule::Eight] : $fired;
    }
}
