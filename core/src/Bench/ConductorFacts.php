<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeUnit;
use Gondrik\Core\Wire\ConductorDiameter;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Wire;

/** What a caliper finds over the bare conductor. */
final readonly class ConductorFacts
{
    private function __construct(public Figure $diameter) {}

    /** @param int|null $strands count, where known */
    public static function of(Size $size, Construction $construction, ?int $strands = null): self
    {
        $formula = match (true) {
            $construction === Construction::Solid => $size->unit === SizeUnit::Awg || $size->unit === SizeUnit::BrownAndSharpe ? Formula::Gauge : Formula::Circle,
            $strands === null => $construction === Construction::Fine ? Formula::Fine : Formula::Stranded,
            ConductorDiameter::isConcentric($strands) => Formula::Concentric,
            default => Formula::Bunched,
        };

        return new self(Figure::mm(ConductorDiameter::of($size, $construction, $strands), Source::formula($formula)));
    }

    /** Of a wire that is described: its own strands count before what the area would leave to each. */
    public static function ofWire(Wire $wire): self
    {
        if ($wire->strands === null || ($wire->strandDiameter === null && $wire->stranding === null)) {
            return self::of($wire->size, $wire->construction, $wire->strands);
        }
        $source = $wire->strandDiameter === null ? Source::formula(Formula::StrandOfSpecification) : Source::formula(Formula::StrandStated);

        return new self(Figure::mm($wire->conductorDiameter, $source));
    }
}
