<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\StripSheath;

use Gondrik\Core\Bench\SheathPulls;
use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\LimitCheck;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Reach;
use Gondrik\Core\Match\SizeCheck;
use Gondrik\Core\Match\Stretch;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\SheathMethod;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\Sheath;
use Gondrik\Core\Wire\SheathShape;

/** @extends OperationRules<StripSheathWork, StripSheath> */
final class StripSheathRules extends OperationRules
{
    /** mm: pulling no more than this at a time is makeshift. */
    private const SHORT_SECTION = 15.0;

    /** mm: a section that is no makeshift, with room to spare. */
    private const WANTED_SECTION = 20.0;

    /** °C: from here down the temperature is worth a word. */
    private const COLD = 10.0;

    public static function operation(): Operation
    {
        return Operation::StripSheath;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $end?->wire->sheath !== null;
    }

    public function canBeAdded(?End $end): bool
    {
        return $end?->wire->sheath !== null;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): StripSheathWork
    {
        $sheath = $end?->wire->sheath;
        assert($end !== null && $sheath !== null);

        return new StripSheathWork($conditions, $end->wire->size, $sheath, $line->surroundings->ambient);
    }

    public function judge(Work $work, Capability $capability, Findings $findings): null
    {
        $sheath = $work->sheath;
        $findings->add(ReasonCode::SheathShape, in_array($sheath->shape, $capability->shapes, true) ? Fit::Proper : Fit::Unsuitable, ['shape' => $sheath->shape->value]);
        $findings->add(ReasonCode::SheathMaterial, in_array($sheath->material, $capability->materials, true) ? Fit::Proper : Fit::Unsuitable, [
            'material' => $sheath->material->value,
            'materials' => array_map(static fn(Material $able): string => $able->value, $capability->materials),
        ]);
        $capability->size === null
            ? SizeCheck::proven($work->core, $capability->proven, $findings)
            : SizeCheck::of($work->core, $capability->size, $capability->proven, $findings);
        LimitCheck::within($sheath->outsideDiameter(), $capability->od, $findings);
        if ($capability->method === SheathMethod::EarthPull && !$sheath->bareEarth) {
            $findings->add(ReasonCode::SheathNoEarth, Fit::Unsuitable);
        }
        $this->section($work->ambient, $sheath, $capability, $findings);

        return null;
    }

    /** Says nothing where the tool states no section. */
    private function section(float $ambient, Sheath $sheath, StripSheath $capability, Findings $findings): void
    {
        $section = $capability->sectionAt($ambient);
        if ($section === null) {
            return;
        }
        $code = $capability->isCold($ambient) ? ReasonCode::SheathCold : ReasonCode::SheathSection;
        if ($section <= 0.0) {
            $findings->add($code, Fit::Unsuitable, ['ambient' => $ambient, 'limit' => (float) $capability->coldBelow]);

            return;
        }
        $pulls = $sheath->strip === null ? [] : ['pulls' => SheathPulls::count($sheath->strip, $section)];
        $fit = Tolerance::isAbove($section, self::SHORT_SECTION) ? Fit::Proper : Fit::Makeshift;
        $findings->add($code, $fit, ['section' => $section, ...$pulls, 'ambient' => $ambient], $section, self::SHORT_SECTION);
    }

    public function group(Work $work): array
    {
        return [$work->sheath->shape->value];
    }

    public function wanted(array $works): Wanted
    {
        $shapes = Gather::each($works, static fn(StripSheathWork $work): SheathShape => $work->sheath->shape);
        $materials = Gather::each($works, static fn(StripSheathWork $work): Material => $work->sheath->material);
        $sizes = Gather::sizes($works);
        $od = Gather::around($works, static fn(StripSheathWork $work): ?float => $work->sheath->outsideDiameter());
        $coldest = min(array_map(static fn(StripSheathWork $work): float => $work->ambient, $works));

        return new Wanted(
            new StripSheath($shapes, $materials, size: $sizes, od: $od, section: self::WANTED_SECTION),
            Asked::by($works),
            [
                'shape' => $shapes[0]->value,
                'materials' => array_map(static fn(Material $material): string => $material->value, $materials),
                ...$od === null || $od->min === $od->max ? [] : ['least' => (float) $od->min],
                ...$od === null ? [] : ['greatest' => (float) $od->max],
                'sizes' => $sizes->written,
                'section' => self::WANTED_SECTION,
                ...$coldest <= self::COLD ? ['coldest' => $coldest] : [],
            ],
        );
    }

    public function lane(Work $work): string
    {
        return self::operation()->value;
    }

    public function printed(Capability $capability): ?Reach
    {
        return self::over($capability, $capability->size);
    }

    /** A tool that goes by the outside diameter alone stands where the cables of that diameter are. */
    public function reach(Capability $capability, array $works): ?Reach
    {
        return self::over($capability, $capability->size ?? $this->sizesWithin($capability, $works));
    }

    private static function over(StripSheath $capability, ?SizeRange $range): ?Reach
    {
        return $range === null ? null : Reach::of([Stretch::over($range, $capability->grade)], $capability->proven);
    }

    /** @param non-empty-list<StripSheathWork> $works */
    private function sizesWithin(StripSheath $capability, array $works): ?SizeRange
    {
        $held = array_values(array_filter($works, static function (StripSheathWork $work) use ($capability): bool {
            $od = $work->sheath->outsideDiameter();

            return $od !== null && $capability->od?->holds($od) === true;
        }));

        return $held === [] ? null : Gather::sizes($held);
    }
}
