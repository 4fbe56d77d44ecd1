<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;

/** What a house lets nobody do alone who is not signed off for it. */
final readonly class Supervision
{
    public function __construct(private HouseRules $rules) {}

    /** Why who works does a step only with somebody beside them; null where they may do it alone, or nobody in particular works. */
    public function of(?Worker $worker, Line $line, Step $step): ?Reason
    {
        $skill = $worker === null ? null : $step->skill($line);

        return $worker === null || $worker->isSignedOff($skill) || !$this->rules->wantsSignOff($step->operation, $skill)
            ? null
            : new Reason(ReasonCode::HandNotSignedOff, Fit::Makeshift, ['worker' => $worker->name], rule: $this->rules->changed(HouseRule::SignOffFor));
    }
}
