<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Value\Day;

/** Whether a thing counts in a kit on a day, and why not. */
final readonly class Standing
{
    public function __construct(
        public bool $counts,
        /** Null where it counts and is good. */
        public ?AwayCode $code = null,
        /** The first day of it, where there is one. */
        public ?Day $since = null,
        /** The last day of it, where that is known. */
        public ?Day $until = null,
        /** Which due it is, where it is one. */
        public ?DueKind $due = null,
        /** Who has it, where somebody wrote that: the name of a person or of a kit, or what was written. */
        public ?string $borrower = null,
    ) {}

    /** Of two that count: whether one is as good as the other. */
    public function isAsGoodAs(self $other): bool
    {
        return ($this->code === AwayCode::Seldom) === ($other->code === AwayCode::Seldom);
    }
}
