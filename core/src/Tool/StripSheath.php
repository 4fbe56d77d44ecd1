<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\SheathShape;

/** Taking the sheath off a cable. Lengths and diameters in mm, temperature in °C. */
final readonly class StripSheath extends Capability
{
    /**
     * @param list<SheathShape> $shapes
     * @param list<Material>    $materials
     *
     * @throws Invalid when neither core size nor outside diameter is given, or the cold is half stated
     */
    public function __construct(
        #[ListOf(SheathShape::class)]
        public array $shapes,
        #[ListOf(Material::class)]
        public array $materials,
        public SheathMethod $method = SheathMethod::Pull,
        /** Size of one core. */
        public ?SizeRange $size = null,
        public ?Limits $od = null,
        /** Length of sheath that comes off in one pull. */
        public ?float $section = null,
        /** The same at or below coldBelow; 0 where it does not work at all. */
        public ?float $cold = null,
        public ?float $coldBelow = null,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        if ($size === null && $od === null) {
            throw Invalid::at('', null, 'give the size of the cores or the outside diameter (od) it takes');
        }
        if (($cold === null) !== ($coldBelow === null)) {
            throw Invalid::at($cold === null ? 'cold' : 'coldBelow', null, 'cold and coldBelow go together');
        }
        parent::__construct($grade, $skill, $proven, $note);
    }

    /** mm that come off in one pull at a temperature (°C); 0 where it does not work, null where the tool does not say. */
    public function sectionAt(float $ambient): ?float
    {
        return $this->isCold($ambient) ? $this->cold : $this->section;
    }

    /** Whether its figures for the cold hold. */
    public function isCold(float $ambient): bool
    {
        return $this->coldBelow !== null && !Tolerance::isAbove($ambient, $this->coldBelow);
    }

    public static function operation(): Operation
    {
        return Operation::StripSheath;
    }
}
