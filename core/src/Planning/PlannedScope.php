<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;

/** A scope and what counts in it. */
final readonly class PlannedScope
{
    public function __construct(public Scope $scope, public HouseRules $rules) {}
}
