<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Asset\Finding;

/** How a thing is in this house from then on, when hands find this wrong with it. */
final readonly class FindingRule
{
    public function __construct(public Finding $finding, public Condition $condition) {}
}
