<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Wire\ConductorDiameter;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Stranding;

/** Which sizes a conductor may be, from a caliper and the bend test. Diameters in mm. */
final readonly class WireIdentity
{
    /** An error from here on is worth a word: half way to the next gauge is some 12 %. */
    private const FAR = 0.13;

    private function __construct(
        public Figure $area,
        /** The size that a specification builds of just these strands: then it, not the area, names the size. */
        public Figure $stranding,
        /** The nearest of each trade series, by area. */
        public Figure $awg,
        public Figure $mm2,
        /** Measured area / nominal − 1. */
        public Figure $awgError,
        public Figure $mm2Error,
        /** Null where the bend test is missing or says otherwise. */
        public Figure $construction,
    ) {}

    public static function ofStrands(int $strands, float $diameter, ?Bend $bend = null): self
    {
        $source = Source::formula(Formula::BendTest);
        $counted = $strands === 1 ? Construction::Solid : Construction::Stranded;
        $contradicts = $bend !== null && self::told($bend) !== $counted;

        return self::ofArea(
            Figure::of($strands * M_PI / 4 * $diameter ** 2, Source::formula(Formula::StrandArea), FigureUnit::SquareMillimetre),
            $contradicts ? Figure::of(null, $source, note: new Note(NoteCode::IdentifyContradicts)) : Figure::of($counted->value, $source),
            Stranding::measured($strands, $diameter),
            NoteCode::IdentifyNoStranding,
        );
    }

    public static function ofConductor(float $diameter, ?Bend $bend = null): self
    {
        $isStranded = $bend === Bend::Springs;
        $solid = $isStranded ? $diameter / ConductorDiameter::STRANDED : $diameter;

        return self::ofArea(
            Figure::of(
                M_PI / 4 * $solid ** 2,
                Source::formula($isStranded ? Formula::StrandedArea : Formula::SolidArea),
                FigureUnit::SquareMillimetre,
                $bend === null ? new Note(NoteCode::IdentifyReadAsSolid) : null,
            ),
            Figure::of($bend === null ? null : self::told($bend)->value, Source::formula(Formula::BendTest), note: $bend === null ? new Note(NoteCode::IdentifyNotBent) : null),
            null,
            NoteCode::IdentifyNotCounted,
        );
    }

    private static function ofArea(Figure $area, Figure $construction, ?Stranding $stranding, NoteCode $whyNoStranding): self
    {
        $measured = (float) $area->value;
        $gauge = self::nearest($measured, Family::Gauge);
        $metric = self::nearest($measured, Family::Metric);

        return new self(
            $area,
            self::built($stranding, $whyNoStranding),
            self::named($gauge, $measured, isNamedOtherwise: $stranding !== null),
            self::named($metric, $measured, isNamedOtherwise: $stranding !== null),
            self::error($gauge, $measured),
            self::error($metric, $measured),
            $construction,
        );
    }

    private static function built(?Stranding $stranding, NoteCode $whyNone): Figure
    {
        if ($stranding === null) {
            return Figure::of(null, Source::table(Stranding::SOURCE, Recall::Memory), note: new Note($whyNone));
        }

        return Figure::of($stranding->size->written, Source::row($stranding->row, $stranding->size->written), note: new Note(NoteCode::IdentifyByStranding, [
            'specification' => $stranding->specification,
            'size' => $stranding->size->written,
            'strands' => $stranding->strands,
            'strand' => $stranding->strandDiameter,
        ]));
    }

    private static function told(Bend $bend): Construction
    {
        return $bend === Bend::Stays ? Construction::Solid : Construction::Stranded;
    }

    private static function nearest(float $area, Family $family): Size
    {
        $sizes = TradeSeries::of($family);
        usort($sizes, static fn(Size $one, Size $other): int => abs($one->area - $area) <=> abs($other->area - $area));

        return $sizes[0];
    }

    /** How far off it is needs no word where its strands have named it. */
    private static function named(Size $size, float $measured, bool $isNamedOtherwise): Figure
    {
        $error = $measured / $size->area - 1;

        return Figure::of($size->written, Source::formula(Formula::SizeSeries), note: abs($error) > self::FAR && !$isNamedOtherwise ? new Note(NoteCode::IdentifyFar, ['error' => abs($error)]) : null);
    }

    private static function error(Size $size, float $measured): Figure
    {
        return Figure::of($measured / $size->area - 1, Source::formula(Formula::SizeError));
    }
}
