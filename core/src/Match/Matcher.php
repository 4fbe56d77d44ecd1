<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Capability;

/**
 * Says how well one capability does one step of its operation.
 *
 * @template C of Capability
 */
interface Matcher
{
    /** @param C $capability */
    public function answer(Step $step, Capability $capability): Answer;
}
