<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Tolerance;

/** What every tool that comes in must meet, whatever the work asks. Force in N, length in mm. */
final readonly class Terms
{
    public function __construct(
        public bool $oneHanded = false,
        public bool $noMains = false,
        /** The hand that is to close it; a tool that states no force or span is taken. */
        public ?Hand $hand = null,
    ) {}

    public function admits(Tool $tool): bool
    {
        return ($tool->handling->oneHanded || !$this->oneHanded)
            && ($tool->needs->energy !== Energy::Mains || !$this->noMains)
            && !Tolerance::isAbove($tool->handling->gripForce ?? 0.0, $this->hand->gripForce ?? INF)
            && !Tolerance::isAbove($tool->handling->handSpan ?? 0.0, $this->hand->handSpan ?? INF);
    }
}
