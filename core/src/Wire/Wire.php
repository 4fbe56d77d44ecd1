<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Value\Invalid;

/** One wire or cable. Diameters in mm, temperature in °C. */
final readonly class Wire
{
    /** °C: PVC cracks below it and low-smoke compounds likewise (common practice; makers differ, some say +5). */
    private const COLDEST = 0.0;

    /** mm over the bare conductor */
    public float $conductorDiameter;

    /** How the specification that is printed on it builds this size, where a table has it. */
    public ?Stranding $stranding;

    /** @throws Invalid naming the field that cannot be */
    public function __construct(
        public string $id,
        public string $name,
        public Size $size,
        public Construction $construction,
        public Material $insulation,
        public ?int $strands = null,
        /** Of one strand, where it was measured; else a table or the area gives it. */
        public ?float $strandDiameter = null,
        public Conductor $conductor = Conductor::Copper,
        /** Over the insulation of one core. */
        public ?float $insulationOd = null,
        public int $cores = 1,
        public ?Sheath $sheath = null,
        public ?float $minTemperature = null,
        /** Code printed on the wire. */
        public ?string $code = null,
        /** Whether the spool carries a listing mark. */
        public ?bool $listed = null,
    ) {
        if ($strands !== null && $strands < 1) {
            throw Invalid::at('strands', $strands, '1 or more');
        }
        if ($strands !== null && ($construction === Construction::Solid) !== ($strands === 1)) {
            throw Invalid::at('strands', $strands, $construction === Construction::Solid ? '1 or nothing for a solid conductor' : '2 or more for a ' . $construction->value . ' conductor');
        }
        if ($strandDiameter !== null && $construction === Construction::Solid) {
            throw Invalid::at('strandDiameter', $strandDiameter, 'nothing for a solid conductor, which has no strands');
        }
        $this->stranding = $code === null || $strands === null ? null : Stranding::of($code, $size, $strands);
        $this->conductorDiameter = ConductorDiameter::of($size, $construction, $strands, $strandDiameter ?? $this->stranding?->strandDiameter);
        if ($insulationOd !== null && $insulationOd <= $this->conductorDiameter) {
            throw Invalid::at('insulationOd', $insulationOd, sprintf('more than the bare conductor of %s, %.2f mm', $size, $this->conductorDiameter));
        }
        $outside = $sheath?->outsideDiameter();
        if ($outside !== null && $insulationOd !== null && $outside < $insulationOd) {
            throw Invalid::at($sheath->shape === SheathShape::Flat ? 'sheath/width' : 'sheath/od', $outside, sprintf('at least the insulation of one core, %s mm', $insulationOd));
        }
    }

    public function isMultiCore(): bool
    {
        return $this->sheath !== null && $this->cores > 1;
    }

    /** mm over everything, where known. */
    public function outsideDiameter(): ?float
    {
        return $this->sheath !== null ? $this->sheath->outsideDiameter() : $this->insulationOd;
    }

    /** mm over the bare conductor of the next smaller trade size, built alike; null past the end of the series. */
    public function nextSmallerConductor(): ?float
    {
        $smaller = TradeSeries::below($this->size->area, $this->size->family);
        if ($smaller === null) {
            return null;
        }
        $stranding = $this->code === null || $this->strands === null ? null : Stranding::of($this->code, $smaller, $this->strands);

        return ConductorDiameter::of($smaller, $this->construction, $this->strands, $stranding?->strandDiameter);
    }

    /** Coldest it may be worked at in °C: as stated, else what its insulation or sheath bears; null where neither minds the cold. */
    public function coldestWorking(): ?float
    {
        return $this->minTemperature ?? ($this->stiffensInTheCold() ? self::COLDEST : null);
    }

    /** Of insulation and sheath one cracks when it is worked cold. */
    public function stiffensInTheCold(): bool
    {
        return $this->insulation->stiffensInTheCold() || $this->sheath?->material->stiffensInTheCold() === true;
    }
}
