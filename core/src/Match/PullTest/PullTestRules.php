<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\PullTest;

use Gondrik\Core\Bench\PullForce;
use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Rules\PullTesting;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\PullTest;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\ReasonCode;

/** @extends OperationRules<PullTestWork, PullTest> */
final class PullTestRules extends OperationRules
{
    /** N: what a puller reaches at least, where no standard has a figure. */
    private const LEAST = 1.0;

    public static function operation(): Operation
    {
        return Operation::PullTest;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $end !== null && $this->house->pullTest === PullTesting::Every;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): PullTestWork
    {
        assert($end !== null && $line->terminal !== null);
        $standard = PullForce::standardFor($this->house->pullStandard, $line->terminal->class, $end->wire->size);

        return new PullTestWork($conditions, $end->wire->size, $standard, $standard === null ? null : PullForce::required($standard, $end->wire->size)?->newtons);
    }

    public function judge(Work $work, Capability $capability, Findings $findings): null
    {
        $rule = $this->house->changed(HouseRule::PullStandard);
        $numbers = ['size' => $work->wire->written, ...$work->standard === null ? [] : ['standard' => $work->standard->value]];
        if ($work->force === null) {
            $findings->add(ReasonCode::ForceNoFigure, Fit::Proper, $numbers, rule: $rule);
        } else {
            $fit = Tolerance::isAbove($work->force, $capability->capacity) ? Fit::Unsuitable : Fit::Proper;
            $findings->add(ReasonCode::ForceCapacity, $fit, [...$numbers, 'force' => $work->force, 'limit' => $capability->capacity], $work->force, $capability->capacity, $rule);
        }

        return null;
    }

    public function weighsProven(): bool
    {
        return false;
    }

    public function wanted(array $works): Wanted
    {
        $force = Gather::greatest($works, static fn(PullTestWork $work): ?float => $work->force);
        $capacity = $force === null ? self::LEAST : ceil($force);

        return new Wanted(new PullTest($capacity), Asked::by($works), $force === null ? [] : ['capacity' => $capacity]);
    }
}
