<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Extract;

/** @implements Matcher<Extract> */
final class ExtractMatcher implements Matcher
{
    public function answer(Step $step, Capability $capability): Answer
    {
        $code = (string) $step->line->terminal?->extractCode;
        $fit = in_array($code, $capability->codes, true) ? Fit::Proper : Fit::Unsuitable;

        return new Answer([new Reason(ReasonCode::ExtractCode, $fit, ['code' => $code, 'codes' => $capability->codes])]);
    }
}
