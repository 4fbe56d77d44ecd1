<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\ConductorDiameter;
use Gondrik\Core\Wire\Construction;

/** One notch or die of a stripper, as it is marked for solid and for stranded wire. */
final readonly class Position
{
    /** A hole is this much wider than the widest conductor it is marked for. */
    private const CLEARANCE = 1.04;

    /** mm, measured or derived from the marking */
    public float $holeDiameter;

    /** @throws Invalid when it is neither marked nor measured */
    public function __construct(
        public string $label,
        public ?SizeRange $solid = null,
        public ?SizeRange $stranded = null,
        /** mm, measured */
        public ?float $hole = null,
    ) {
        if ($solid === null && $stranded === null && $hole === null) {
            throw Invalid::at('', $label, 'mark it for solid or stranded wire, or give its measured hole');
        }
        $this->holeDiameter = $hole ?? self::CLEARANCE * max(
            self::widest($solid, Construction::Solid),
            self::widest($stranded, Construction::Stranded),
        );
    }

    /** The marking that a wire of this construction reads; fine strands read the stranded one. */
    public function markedFor(Construction $construction): ?SizeRange
    {
        return $construction === Construction::Solid ? $this->solid : $this->stranded;
    }

    private static function widest(?SizeRange $marking, Construction $construction): float
    {
        $widest = 0.0;
        foreach ($marking?->spans() ?? [] as $span) {
            $widest = max($widest, ConductorDiameter::of($span->greatest, $construction));
        }

        return $widest;
    }
}
