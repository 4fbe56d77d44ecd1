<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Tool\Operation;

/** A step put in or left out by hand, and why. */
final readonly class HandStep
{
    public function __construct(public Operation $op, public string $remark) {}
}
