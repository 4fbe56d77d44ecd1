<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Strip;

use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Bound;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\LimitCheck;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Reach;
use Gondrik\Core\Match\Segment;
use Gondrik\Core\Match\SizeCheck;
use Gondrik\Core\Match\Stretch;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\Place;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripMethod;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\MaterialGroup;

/** @extends OperationRules<StripWork, Strip> */
final class StripRules extends OperationRules
{
    /** mm²: below it a blade wants to be made for small wire (4 AWG; common practice). */
    private const BLADE_FROM = 21.0;

    /** mm²: up to it one stripper that one can buy reaches (10 AWG; common practice). */
    private const FINE_TO = 6.0;

    public static function operation(): Operation
    {
        return Operation::Strip;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $end !== null && $line->terminal?->class->takesUnstripped() === false;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): StripWork
    {
        assert($end !== null);
        $wire = $end->wire;

        return new StripWork(
            $conditions,
            $wire->size,
            $wire->construction,
            $wire->conductorDiameter,
            $wire->nextSmallerConductor(),
            $wire->insulation,
            $wire->insulationOd,
            $line->terminal?->strip?->aim(),
            $end->midSpan,
            $line->surroundings->place === Place::Vibration,
        );
    }

    public function judge(Work $work, Capability $capability, Findings $findings): ?Position
    {
        $this->material($work->insulation, $capability, $findings);
        $this->length($work->length, $capability, $findings);
        if ($findings->isLost()) {
            return null;
        }
        $position = null;
        if ($capability->size === null) {
            $position = (new PositionCheck())->best($work, $capability, $findings);
            SizeCheck::proven($work->wire, $capability->proven, $findings);
        } else {
            SizeCheck::of($work->wire, $capability->size, $capability->proven, $findings);
            $this->blade($work, $capability, $findings);
        }
        if ($findings->isLost()) {
            return $position;
        }
        if ($capability->maxOd !== null) {
            LimitCheck::atMost($work->od, $capability->maxOd, $findings);
        }
        if ($work->midSpan && !$capability->midSpan) {
            $findings->add(ReasonCode::MidspanUnsupported, Fit::Unsuitable);
        }

        return $position;
    }

    private function material(Material $material, Strip $capability, Findings $findings): void
    {
        if (in_array($material, $capability->insulation, true)) {
            $findings->add(ReasonCode::InsulationProper, Fit::Proper, ['material' => $material->value]);
        } elseif (in_array($material, $capability->insulationMakeshift, true)) {
            $findings->add(ReasonCode::InsulationMakeshift, Fit::Makeshift, ['material' => $material->value]);
        } else {
            $able = array_map(static fn(Material $able): string => $able->value, $capability->insulation);
            $findings->add(ReasonCode::InsulationUnsupported, Fit::Unsuitable, ['material' => $material->value, ...$able === [] ? [] : ['materials' => $able]]);
        }
    }

    private function blade(StripWork $work, Strip $capability, Findings $findings): void
    {
        $size = $work->wire;
        if (self::wantsLargeWire($capability) && Tolerance::isBelow($size->area, self::BLADE_FROM)) {
            $findings->add(ReasonCode::KnifeSmall, Fit::Makeshift, ['size' => $size->written, ...$size->family === Family::Gauge ? ['area' => $size->area] : [], 'limit' => self::BLADE_FROM], $size->area, self::BLADE_FROM);
        }
        if ($capability->method->rings() && $work->construction === Construction::Solid) {
            // A solid conductor that a blade went round breaks there after a bend or two.
            $work->vibrates || $work->midSpan
                ? $findings->add(ReasonCode::BladeRinged, Fit::Unsuitable, ['where' => $work->midSpan ? 'mid-span' : 'vibration'])
                : $findings->add(ReasonCode::BladeRinged, Fit::Makeshift);
        }
    }

    private static function wantsLargeWire(Strip $capability): bool
    {
        return $capability->method->isFreeBlade() && !$capability->small;
    }

    private function length(?float $length, Strip $capability, Findings $findings): void
    {
        $stops = $capability->stop !== null && ($length === null || $capability->stop->holds($length));
        $findings->add($stops ? ReasonCode::LengthStop : ReasonCode::LengthByMeasure, Fit::Proper, $length === null ? [] : ['length' => $length]);
    }

    public function kind(Work $work): string
    {
        return $work->insulation->value;
    }

    public function servesKind(Capability $capability, Work $work): bool
    {
        return in_array($work->insulation, $capability->insulation, true) || in_array($work->insulation, $capability->insulationMakeshift, true);
    }

    public function bound(Capability $capability): Bound
    {
        return $capability->size === null ? new Bound() : Bound::around([$capability->size, $capability->proven], Bound::EQUIVALENT);
    }

    public function group(Work $work): array
    {
        $reach = match (true) {
            !Tolerance::isAbove($work->wire->area, self::FINE_TO) => 'to 6 mm2',
            Tolerance::isBelow($work->wire->area, self::BLADE_FROM) => 'to 21 mm2',
            default => 'from 21 mm2',
        };

        return [$reach, $work->insulation->group()->value, $work->midSpan ? 'mid-span' : ''];
    }

    public function wanted(array $works): Wanted
    {
        $materials = Gather::each($works, static fn(StripWork $work): Material => $work->insulation);
        $od = Gather::greatest($works, static fn(StripWork $work): ?float => $work->od);
        $midSpan = $works[0]->midSpan;
        $sizes = Gather::sizes($works);
        $shared = [
            'materials' => array_map(static fn(Material $material): string => $material->value, $materials),
            ...$od === null ? [] : ['od' => $od],
            ...$midSpan ? ['midSpan' => 'mid-span'] : [],
        ];
        if ($works[0]->insulation->group() === MaterialGroup::ThinWall) {
            // Thin walls want a ground die for each size; serrated jaws mark them.
            $dies = $this->dies($works);

            return new Wanted(
                new Strip(StripMethod::Die, $materials, positions: $dies, maxOd: $od, midSpan: $midSpan),
                Asked::by($works),
                ['dies' => array_map(static fn(Position $die): string => $die->label, $dies), ...$shared],
            );
        }
        $hasSolid = Gather::each($works, static fn(StripWork $work): ?string => $work->construction === Construction::Solid ? $work->wire->written : null) !== [];
        $method = match (true) {
            Tolerance::isBelow($works[0]->wire->area, self::BLADE_FROM) => StripMethod::SelfAdjusting,
            // A blade that runs round it is only ever makeshift on a solid conductor.
            $hasSolid => StripMethod::Knife,
            default => StripMethod::SetDepth,
        };

        return new Wanted(
            new Strip($method, $materials, $sizes, maxOd: $od, midSpan: $midSpan),
            Asked::by($works),
            [match ($method) {
                StripMethod::SelfAdjusting => 'sizes',
                StripMethod::Knife => 'knife',
                default => 'blade',
            } => $sizes->written, ...$shared],
        );
    }

    /**
     * @param non-empty-list<StripWork> $works
     *
     * @return non-empty-list<Position> one for each size and construction
     */
    private function dies(array $works): array
    {
        $dies = [];
        foreach ($works as $work) {
            $isSolid = $work->construction === Construction::Solid;
            $size = SizeRange::single($work->wire);
            $label = $work->wire->written . ($isSolid ? ' solid' : '');
            $dies[$label] ??= new Position($label, solid: $isSolid ? $size : null, stranded: $isSolid ? null : $size);
        }

        return array_values($dies);
    }

    public function lane(Work $work): string
    {
        return self::operation()->value;
    }

    public function printed(Capability $capability): ?Reach
    {
        if ($capability->size !== null) {
            $whole = Stretch::over($capability->size, $capability->grade);

            return Reach::of(self::wantsLargeWire($capability) ? $whole->partedAt(self::BLADE_FROM, Fit::Makeshift) : [$whole], $capability->proven);
        }
        $segments = [];
        foreach ($capability->positions ?? [] as $position) {
            $markings = array_values(array_filter([$position->solid, $position->stranded]));
            if ($markings !== []) {
                $segments[] = new Segment($position->label, null, Stretch::over(SizeRange::hull($markings)));
            }
        }

        return $segments === [] ? null : new Reach(
            [Stretch::hull(array_map(static fn(Segment $segment): Stretch => $segment->over, $segments), $capability->grade)],
            $segments,
            $capability->proven === null ? null : Stretch::over($capability->proven),
        );
    }
}
