<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Wire\Material;

/** Taking the insulation off a core. Lengths and diameters in mm. */
final readonly class Strip extends Capability
{
    /**
     * @param list<Material>      $insulation          what it strips cleanly
     * @param list<Material>      $insulationMakeshift what it strips badly
     * @param list<Position>|null $positions           for notches and dies
     *
     * @throws Invalid when size and positions do not go with the method
     */
    public function __construct(
        public StripMethod $method,
        #[ListOf(Material::class)]
        public array $insulation,
        public ?SizeRange $size = null,
        #[ListOf(Position::class)]
        public ?array $positions = null,
        #[ListOf(Material::class)]
        public array $insulationMakeshift = [],
        public ?float $maxOd = null,
        public ?Limits $stop = null,
        /** Wires at once: planning uses it, fit does not. */
        public int $gang = 1,
        /** A blade that can be set for wires under 21 mm². */
        public bool $small = false,
        /** It can open a wire in mid-span. */
        public bool $midSpan = false,
        Fit $grade = Fit::Proper,
        Skill $skill = Skill::Any,
        ?SizeRange $proven = null,
        ?string $note = null,
    ) {
        if ($method->hasPositions() === ($positions === null)) {
            throw Invalid::at('positions', $positions === null ? null : 'positions', $method->hasPositions() ? 'the method ' . $method->value . ' needs positions' : 'the method ' . $method->value . ' has a size, no positions');
        }
        if ($method->hasPositions() === ($size !== null)) {
            throw Invalid::at('size', $size?->written, $method->hasPositions() ? 'the method ' . $method->value . ' has positions, no size' : 'the method ' . $method->value . ' needs a size');
        }
        parent::__construct($grade, $skill, $proven, $note);
    }

    public static function operation(): Operation
    {
        return Operation::Strip;
    }
}
