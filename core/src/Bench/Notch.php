<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Wire\ConductorDiameter;
use Gondrik\Core\Wire\Construction;

/** A hole of a stripper against one wire. Diameters in mm. */
final readonly class Notch
{
    private function __construct(
        public Figure $verdict,
        public Figure $hole,
        public Figure $conductor,
        /** Share of the wall that is left. */
        public Figure $wall,
    ) {}

    /**
     * By its measured hole.
     *
     * @throws Invalid when the insulation is no wider than the conductor
     */
    public static function measured(float $hole, Size $size, Construction $construction, ?int $strands, ?float $insulationOd): self
    {
        return self::judge($hole, Source::stated('the hole that was given'), false, $size, $construction, $strands, $insulationOd);
    }

    /**
     * By its label, which is taken to be for the wire's construction.
     *
     * @throws Invalid when the insulation is no wider than the conductor
     */
    public static function labelled(SizeRange $label, Size $size, Construction $construction, ?int $strands, ?float $insulationOd): self
    {
        $isSolid = $construction === Construction::Solid;
        $position = new Position($label->written, solid: $isSolid ? $label : null, stranded: $isSolid ? null : $label);

        return self::judge($position->holeDiameter, Source::formula(Formula::Hole), $label->standingOf($size)->isLabelled(), $size, $construction, $strands, $insulationOd);
    }

    private static function judge(float $hole, Source $of, bool $isOwnLabel, Size $size, Construction $construction, ?int $strands, ?float $insulationOd): self
    {
        $facts = ConductorFacts::of($size, $construction, $strands);
        $conductor = ConductorDiameter::of($size, $construction, $strands);
        if ($insulationOd !== null && !Tolerance::isAbove($insulationOd, $conductor)) {
            throw Invalid::at('insulation-od', $insulationOd, sprintf('must be more than the bare conductor, %.2f mm', $conductor));
        }
        $unknown = $insulationOd === null ? new Note(NoteCode::NotchInsulationUnknown) : null;
        $left = $insulationOd === null ? null : NotchVerdict::wallLeft($hole, $conductor, $insulationOd);
        $verdict = match (true) {
            $isOwnLabel => NotchVerdict::Proper,
            Tolerance::isBelow($hole, $conductor) => NotchVerdict::CutsStrands,
            $left === null => null,
            default => NotchVerdict::ofWall($left),
        };

        return new self(
            Figure::of($verdict?->value, Source::formula(Formula::NotchVerdict), note: $isOwnLabel ? new Note(NoteCode::NotchOwnLabel) : ($verdict === null ? $unknown : null)),
            Figure::mm($hole, $of),
            $facts->diameter,
            Figure::of($left, Source::formula(Formula::Wall), note: $unknown),
        );
    }
}
