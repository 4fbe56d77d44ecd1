<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

/** Where one size (or the summed area of several wires) stands to a range. */
final readonly class Standing
{
    /** A trade equivalent counts as far when the exact area lies more than this share beyond the end. */
    private const FAR = 0.10;

    public function __construct(
        public StandingKind $kind,
        /** mm² */
        public float $area,
        /** The span that answered, or failed to. */
        public Span $span,
        /** Whether somebody has to look at the other marking to see that it passes. */
        public bool $otherMarking = false,
        /** The trade equivalent that is inside. */
        public ?Size $equivalent = null,
    ) {}

    public function isInside(): bool
    {
        return $this->kind !== StandingKind::Outside;
    }

    public function isAbove(): bool
    {
        return $this->area > $this->span->greatest->area;
    }

    /** Labelled for this very size: own span or the 3 % rule, but neither area nor trade equivalence. */
    public function isLabelled(): bool
    {
        return $this->kind === StandingKind::OwnSpan || $this->kind === StandingKind::SameGauge;
    }

    /** Inside by trade equivalence although the exact area is more than 10 % outside. */
    public function isFar(): bool
    {
        return $this->kind === StandingKind::TradeEquivalent && !$this->span->holds($this->area, self::FAR);
    }
}
