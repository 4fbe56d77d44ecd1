<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Value\Invalid;

/** One wire or cable of the catalogue. Diameters in mm, temperature in °C. */
final readonly class Wire
{
    private const PVC_COLDEST = 0.0;

    /** mm over the bare conductor */
    public float $conductorDiameter;

    /** @throws Invalid naming the field that cannot be */
    public function __construct(
        public string $id,
        public string $name,
        public Size $size,
        public Construction $construction,
        public Material $insulation,
        public ?int $strands = null,
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
        if ($strands !== null && ($construction === Construction::Solid) !== ($strands === 1)) {
            throw Invalid::at('strands', $strands, $construction === Construction::Solid ? '1 or nothing for a solid conductor' : '2 or more for a ' . $construction->value . ' conductor');
        }
        $this->conductorDiameter = ConductorDiameter::of($size, $construction, $strands);
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

    /** Coldest it may be worked at in °C: as stated, else 0 °C for PVC (common practice; makers differ, some say +5). */
    public function coldestWorking(): ?float
    {
        $pvc = $this->insulation === Material::Pvc || $this->sheath?->material === Material::Pvc;

        return $this->minTemperature ?? ($pvc ? self::PVC_COLDEST : null);
    }
}
