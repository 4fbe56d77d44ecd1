<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Step;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripMethod;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\Wire;

/** @implements Matcher<Strip> */
final class StripMatcher implements Matcher
{
    /** Share of the wall that a notch may leave and still give a clean end, or sever at all. */
    private const CLEAN = 0.2;

    private const SEVERS = 0.5;

    /** mm²: below it a blade wants to be made for small wire (4 AWG; common practice). */
    public const BLADE_FROM = 21.0;

    /** Whether a tool strips a material at all, well or badly. */
    public static function anyStrips(Material $material, Tool $tool): bool
    {
        foreach ($tool->capabilitiesFor(Operation::Strip) as $capability) {
            if ($capability instanceof Strip && (in_array($material, $capability->insulation, true) || in_array($material, $capability->insulationMakeshift, true))) {
                return true;
            }
        }

        return false;
    }

    public function answer(Step $step, Capability $capability): Answer
    {
        $wire = $step->wire;
        assert($wire !== null);
        $shared = [
            $this->material($wire->insulation, $capability),
            ...DiameterCheck::atMost($wire->insulationOd, $capability->maxOd),
            ...$this->midSpan($step, $capability),
            ...$this->length($step, $capability),
        ];
        if ($capability->positions !== null) {
            return $this->bestPosition($wire, $capability)->with([...SizeCheck::proven($wire->size, $capability->proven), ...$shared]);
        }
        assert($capability->size !== null);

        return new Answer([
            ...SizeCheck::of($wire->size, $capability->size, $capability->proven),
            ...$this->blade($wire->size, $capability),
            ...$shared,
        ]);
    }

    private function material(Material $material, Strip $capability): Reason
    {
        if (in_array($material, $capability->insulation, true)) {
            return new Reason(ReasonCode::InsulationProper, Fit::Proper, ['material' => $material->value]);
        }
        if (in_array($material, $capability->insulationMakeshift, true)) {
            return new Reason(ReasonCode::InsulationMakeshift, Fit::Makeshift, ['material' => $material->value]);
        }

        return new Reason(ReasonCode::InsulationUnsupported, Fit::Unsuitable, [
            'material' => $material->value,
            'materials' => array_map(static fn(Material $able): string => $able->value, $capability->insulation),
        ]);
    }

    /** @return list<Reason> */
    private function midSpan(Step $step, Strip $capability): array
    {
        return $step->midSpan && !$capability->midSpan ? [new Reason(ReasonCode::MidspanUnsupported, Fit::Unsuitable)] : [];
    }

    /** @return list<Reason> none where the terminal states no strip length */
    private function length(Step $step, Strip $capability): array
    {
        $length = $step->line->terminal?->strip?->aim();
        if ($length === null) {
            return [];
        }
        $stops = $capability->stop?->holds($length) === true;

        return [new Reason($stops ? ReasonCode::LengthStop : ReasonCode::LengthByMeasure, Fit::Proper, ['length' => $length])];
    }

    /** @return list<Reason> */
    private function blade(Size $size, Strip $capability): array
    {
        $isBlade = $capability->method === StripMethod::Knife || $capability->method === StripMethod::Score;
        if (!$isBlade || $capability->small || $size->area >= self::BLADE_FROM) {
            return [];
        }

        return [new Reason(
            ReasonCode::KnifeSmall,
            Fit::Makeshift,
            ['size' => $size->written, 'area' => $size->area, 'limit' => self::BLADE_FROM],
            $size->area,
            self::BLADE_FROM,
        )];
    }

    private function bestPosition(Wire $wire, Strip $capability): Answer
    {
        $answers = array_map(
            fn(Position $position): Answer => new Answer([$this->position($wire, $position)], $position->label),
            $capability->positions ?? [],
        );
        usort($answers, static fn(Answer $one, Answer $other): int => [$one->fit->rank(), $one->reasons[0]->miss(), $one->reasons[0]->numbers['share'] ?? 0.0]
            <=> [$other->fit->rank(), $other->reasons[0]->miss(), $other->reasons[0]->numbers['share'] ?? 0.0]);

        return $answers[0];
    }

    private function position(Wire $wire, Position $position): Reason
    {
        $marking = $position->markedFor($wire->construction);
        if ($position->hole === null && $marking?->standingOf($wire->size)->isLabelled() === true) {
            return new Reason(ReasonCode::NotchLabel, Fit::Proper, ['position' => $position->label, 'size' => $wire->size->written, 'construction' => $wire->construction->value]);
        }
        $conductor = $wire->conductorDiameter;
        $hole = $position->holeDiameter;
        $numbers = ['position' => $position->label, 'conductor' => $conductor, 'hole' => $hole];
        if ($hole < $conductor) {
            return new Reason(ReasonCode::NotchCutsStrands, Fit::Unsuitable, $numbers, $conductor, $hole);
        }
        if ($wire->insulationOd === null) {
            $isOneUp = $marking !== null && $this->isOneSizeUp($marking, $wire->size);

            return new Reason(ReasonCode::NotchOdUnknown, $isOneUp ? Fit::Makeshift : Fit::Unsuitable, [...$numbers, 'size' => $wire->size->written], $hole, $conductor);
        }
        $left = ($hole - $conductor) / ($wire->insulationOd - $conductor);
        [$code, $fit, $limit] = match (true) {
            $left <= self::CLEAN => [ReasonCode::NotchClose, Fit::Proper, self::CLEAN],
            $left <= self::SEVERS => [ReasonCode::NotchRagged, Fit::Makeshift, self::CLEAN],
            default => [ReasonCode::NotchDoesNotSever, Fit::Unsuitable, self::SEVERS],
        };

        return new Reason($code, $fit, [...$numbers, 'share' => $left], $left, $limit);
    }

    private function isOneSizeUp(SizeRange $marking, Size $size): bool
    {
        foreach ($marking->spans() as $span) {
            $next = TradeSeries::above($size->area, $span->family());
            if ($next !== null && $span->holds($next->area)) {
                return true;
            }
        }

        return false;
    }
}
