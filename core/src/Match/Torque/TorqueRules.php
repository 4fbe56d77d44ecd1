<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Torque;

use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Bound;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Torque;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\ReasonCode;

/** @extends OperationRules<TorqueWork, Torque> */
final class TorqueRules extends OperationRules
{
    /** N·m: up to it a screwdriver, up to the other a small wrench, above a large one (common practice). */
    private const DRIVER_TO = 3.0;

    private const WRENCH_TO = 25.0;

    /** So that the bound is wider than the tolerance of the range. */
    private const ROOM = 1.01;

    public static function operation(): Operation
    {
        return Operation::Torque;
    }

    public function isPerWire(Line $line): bool
    {
        return false;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return self::isAsked($line) || ($this->house->torqueEvery && $line->goesUnderAScrew());
    }

    private static function isAsked(Line $line): bool
    {
        return $line->torque !== null || $line->terminal?->class === TerminalClass::ScrewClamp;
    }

    public function readsFigures(): bool
    {
        return true;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): TorqueWork
    {
        return new TorqueWork($conditions, $line->torque?->newtonMetres, $this->house->torqueEvery && !self::isAsked($line));
    }

    public function judge(Work $work, Capability $capability, Findings $findings): null
    {
        $this->figure($work, $capability->range, $findings);
        if ($capability->powered) {
            $findings->add(ReasonCode::TorqueNotFinal, $this->house->poweredFinalTorque ? Fit::Proper : Fit::Unsuitable, rule: $this->house->changed(HouseRule::PoweredFinalTorque));
        }

        return null;
    }

    private function figure(TorqueWork $work, Limits $range, Findings $findings): void
    {
        $torque = $work->torque;
        if ($torque === null) {
            $findings->add(ReasonCode::TorqueNoFigure, Fit::Makeshift, rule: $work->isByRule ? $this->house->changed(HouseRule::TorqueEvery) : null);

            return;
        }
        $numbers = ['torque' => $torque];
        if ($range->min !== null) {
            $numbers['least'] = $range->min;
        }
        if ($range->max !== null) {
            $numbers['greatest'] = $range->max;
        }
        $missed = $range->missedEnd($torque);
        $missed === null
            ? $findings->add(ReasonCode::TorqueRange, Fit::Proper, $numbers)
            : $findings->add(ReasonCode::TorqueRange, Fit::Unsuitable, $numbers, $torque, $missed);
    }

    public function weighsProven(): bool
    {
        return false;
    }

    /** N·m */
    public function measure(Work $work): ?array
    {
        return $work->torque === null ? null : [$work->torque, $work->torque];
    }

    public function bound(Capability $capability): Bound
    {
        return (new Bound($capability->range->min ?? 0.0, $capability->range->max ?? INF))->widened(self::ROOM);
    }

    public function group(Work $work): array
    {
        $torque = $work->torque ?? 0.0;

        return [match (true) {
            !Tolerance::isAbove($torque, self::DRIVER_TO) => 'to 3 N·m',
            !Tolerance::isAbove($torque, self::WRENCH_TO) => 'to 25 N·m',
            default => 'above 25 N·m',
        }];
    }

    public function wanted(array $works): Wanted
    {
        $range = Gather::around($works, static fn(TorqueWork $work): ?float => $work->torque);

        return new Wanted(
            new Torque($range ?? new Limits(min: 0.0)),
            Asked::by($works),
            ['tool' => Tolerance::isAbove($works[0]->torque ?? 0.0, self::DRIVER_TO) ? 'wrench' : 'driver', ...$range === null || $range->min === $range->max ? [] : ['least' => (float) $range->min], ...$range === null ? [] : ['greatest' => (float) $range->max]],
        );
    }
}
