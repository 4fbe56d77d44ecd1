<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Heat;
use Gondrik\Core\Tool\ShrinkSleeve;

/** @implements Matcher<ShrinkSleeve> */
final readonly class ShrinkSleeveMatcher implements Matcher
{
    public function __construct(private HouseRules $rules) {}

    public function answer(Step $step, Capability $capability): Answer
    {
        return new Answer([
            $this->heat($capability->heat),
            ...DiameterCheck::atMost($step->wire?->insulationOd, $capability->maxOd),
        ]);
    }

    private function heat(Heat $heat): Reason
    {
        $rule = $this->rules->changed('openFlame');

        return match (true) {
            $heat === Heat::Gun => new Reason(ReasonCode::HeatGun, Fit::Proper),
            !$this->rules->openFlame => new Reason(ReasonCode::HeatRefused, Fit::Unsuitable, ['heat' => $heat->value], rule: $rule),
            $heat === Heat::Torch => new Reason(ReasonCode::HeatFlame, Fit::Proper),
            default => new Reason(ReasonCode::HeatLighter, Fit::Makeshift),
        };
    }
}
