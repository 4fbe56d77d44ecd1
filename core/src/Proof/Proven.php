<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Tolerance;

/** Whether the pulls of one setting prove its size in its nest: enough subgroups, in control, and far enough above what is required. */
final readonly class Proven
{
    /** Common practice: a process is called capable from four sigma on, a third more than the three of its limits. */
    public const CAPABILITY = 1.33;

    private function __construct(
        public ProvenState $state,
        public Size $size,
        /** Its label; null where the pulls name none of the tool. */
        public ?string $nest,
        /** What the model says of the nest now. */
        public ?SizeRange $stated,
        /** What it would say, where it is offered. */
        public ?SizeRange $offered,
    ) {}

    public static function of(Tool $tool, ControlChart $chart): self
    {
        $pull = $chart->subgroups[0]->pull;
        $size = $pull->wire->size;
        $found = self::nest($tool, $pull->nest);
        if ($found === null) {
            return new self(ProvenState::NoNest, $size, null, null, null);
        }
        [$crimp, $nest] = $found;
        $stated = $nest->proven ?? $crimp->proven;
        $isStated = $stated?->standingOf($size)->isInside() === true;
        $flaw = match (true) {
            $chart->isTrial => ProvenState::TooFew,
            $chart->required === null => ProvenState::NoRequirement,
            $chart->firstFired() !== null => ProvenState::NotInControl,
            $chart->capability === null, Tolerance::isBelow($chart->capability, self::CAPABILITY) => ProvenState::NotCapable,
            default => null,
        };
        $offered = $flaw !== null || $isStated ? null : ($stated === null ? SizeRange::single($size) : SizeRange::hull([$stated, SizeRange::single($size)]));
        $state = match (true) {
            $flaw === null && $isStated => ProvenState::Holds,
            $flaw === null => $stated !== null && self::hasBetween($stated, $size) ? ProvenState::Apart : ProvenState::Offered,
            $isStated && ($flaw === ProvenState::NotInControl || $flaw === ProvenState::NotCapable) => ProvenState::Lost,
            default => $flaw,
        };

        return new self($state, $size, $nest->label, $stated, $state === ProvenState::Offered ? $offered : null);
    }

    /**
     * The same tool, whose nest says so.
     *
     * @param string $label of a nest that it has
     */
    public static function written(Tool $tool, string $label, SizeRange $proven, string $source): Tool
    {
        $capabilities = array_map(static fn(Capability $one): Capability => $one instanceof Crimp ? $one->provenFor($label, $proven) : $one, $tool->capabilities);

        return $tool->withCapabilities($capabilities, trim($tool->note . ' ' . $source));
    }

    /** @return array{Crimp, Nest}|null by its label; of a tool of one nest that one, where the pulls name none */
    private static function nest(Tool $tool, ?string $label): ?array
    {
        $nests = [];
        foreach ($tool->capabilities as $capability) {
            if ($capability instanceof Crimp) {
                $meant = array_filter($capability->nests, static fn(Nest $nest): bool => $label === null || $nest->label === $label);
                $nests = [...$nests, ...array_map(static fn(Nest $nest): array => [$capability, $nest], array_values($meant))];
            }
        }

        return count($nests) === 1 ? $nests[0] : null;
    }

    /** Whether a trade size lies between a range and a size outside it, so that one span over both would call it proven, too. */
    private static function hasBetween(SizeRange $range, Size $size): bool
    {
        $span = $range->spanOf($size->family);
        if ($span === null) {
            return false;
        }
        [$least, $most] = $size->area < $span->least->area ? [$size->area, $span->least->area] : [$span->greatest->area, $size->area];
        $between = array_filter(TradeSeries::of($size->family), static fn(Size $trade): bool => Tolerance::isAbove($trade->area, $least) && Tolerance::isBelow($trade->area, $most));

        return $between !== [];
    }
}
