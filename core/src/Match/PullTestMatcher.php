<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Bench\PullForce;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\PullTest;

/** @implements Matcher<PullTest> */
final readonly class PullTestMatcher implements Matcher
{
    public function __construct(private HouseRules $rules) {}

    public function answer(Step $step, Capability $capability): Answer
    {
        $wire = $step->wire;
        $terminal = $step->line->terminal;
        assert($wire !== null && $terminal !== null);
        $standard = PullForce::standardFor($this->rules->pullStandard, $terminal->class, $wire->size);
        $force = PullForce::required($standard, $wire->size);
        $rule = $this->rules->changed('pullStandard');
        if ($force === null) {
            return new Answer([new Reason(ReasonCode::ForceNoFigure, Fit::Proper, ['standard' => $standard->value, 'size' => $wire->size->written], rule: $rule)]);
        }

        return new Answer([new Reason(
            ReasonCode::ForceCapacity,
            $force->newtons <= $capability->capacity ? Fit::Proper : Fit::Unsuitable,
            ['force' => $force->newtons, 'standard' => $standard->value, 'limit' => $capability->capacity],
            $force->newtons,
            $capability->capacity,
            $rule,
        )]);
    }
}
