<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\SheathMethod;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\Sheath;

/** @implements Matcher<StripSheath> */
final class StripSheathMatcher implements Matcher
{
    /** mm: pulling no more than this at a time is makeshift. */
    public const SHORT_SECTION = 15.0;

    public function answer(Step $step, Capability $capability): Answer
    {
        $wire = $step->wire;
        $sheath = $wire?->sheath;
        assert($wire !== null && $sheath !== null);

        return new Answer([
            $this->shape($sheath, $capability),
            $this->material($sheath, $capability),
            ...$capability->size === null ? [] : SizeCheck::of($wire->size, $capability->size, $capability->proven),
            ...$capability->size === null ? SizeCheck::proven($wire->size, $capability->proven) : [],
            ...DiameterCheck::within($sheath->outsideDiameter(), $capability->od),
            ...$this->earth($sheath, $capability),
            ...$this->section($step, $sheath, $capability),
        ]);
    }

    private function shape(Sheath $sheath, StripSheath $capability): Reason
    {
        $fit = in_array($sheath->shape, $capability->shapes, true) ? Fit::Proper : Fit::Unsuitable;

        return new Reason(ReasonCode::SheathShape, $fit, ['shape' => $sheath->shape->value]);
    }

    private function material(Sheath $sheath, StripSheath $capability): Reason
    {
        $fit = in_array($sheath->material, $capability->materials, true) ? Fit::Proper : Fit::Unsuitable;

        return new Reason(ReasonCode::SheathMaterial, $fit, [
            'material' => $sheath->material->value,
            'materials' => array_map(static fn(Material $able): string => $able->value, $capability->materials),
        ]);
    }

    /** @return list<Reason> */
    private function earth(Sheath $sheath, StripSheath $capability): array
    {
        return $capability->method === SheathMethod::EarthPull && !$sheath->bareEarth
            ? [new Reason(ReasonCode::SheathNoEarth, Fit::Unsuitable)]
            : [];
    }

    /** @return list<Reason> none where the tool states no section */
    private function section(Step $step, Sheath $sheath, StripSheath $capability): array
    {
        $ambient = $step->line->ambient;
        $isCold = $capability->coldBelow !== null && $ambient <= $capability->coldBelow;
        $section = $isCold ? $capability->cold : $capability->section;
        if ($section === null) {
            return [];
        }
        $code = $isCold ? ReasonCode::SheathCold : ReasonCode::SheathSection;
        if ($section <= 0.0) {
            return [new Reason($code, Fit::Unsuitable, ['ambient' => $ambient, 'limit' => (float) $capability->coldBelow])];
        }
        $pulls = $sheath->strip === null ? null : (int) ceil($sheath->strip / $section - 1e-9);

        return [new Reason(
            $code,
            $section <= self::SHORT_SECTION ? Fit::Makeshift : Fit::Proper,
            [
                'section' => $section,
                'pulls' => match ($pulls) {
                    null => 'as many pulls as it takes',
                    1 => '1 pull',
                    default => $pulls . ' pulls',
                },
                'ambient' => $ambient,
            ],
            $section,
            self::SHORT_SECTION,
        )];
    }
}
