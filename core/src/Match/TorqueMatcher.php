<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Torque;

/** @implements Matcher<Torque> */
final readonly class TorqueMatcher implements Matcher
{
    public function __construct(private HouseRules $rules) {}

    public function answer(Step $step, Capability $capability): Answer
    {
        return new Answer([$this->figure($step->line->torque, $capability->range), ...$this->finishes($capability)]);
    }

    private function figure(?float $torque, Limits $range): Reason
    {
        if ($torque === null) {
            return new Reason(ReasonCode::TorqueNoFigure, Fit::Makeshift);
        }
        $numbers = ['torque' => $torque, 'range' => $range->min . '-' . $range->max];

        return $range->holds($torque)
            ? new Reason(ReasonCode::TorqueRange, Fit::Proper, $numbers)
            : new Reason(ReasonCode::TorqueRange, Fit::Unsuitable, $numbers, $torque, $range->isAbove($torque) ? $range->max : $range->min);
    }

    /** @return list<Reason> */
    private function finishes(Torque $capability): array
    {
        if (!$capability->powered) {
            return [];
        }
        $fit = $this->rules->poweredFinalTorque ? Fit::Proper : Fit::Unsuitable;

        return [new Reason(ReasonCode::TorqueNotFinal, $fit, rule: $this->rules->changed('poweredFinalTorque'))];
    }
}
