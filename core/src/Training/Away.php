<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

use Gondrik\Core\Value\Clock;
use Gondrik\Core\Value\Invalid;

/** Somebody of a class who comes late, is away for a while, or does no more of it. */
final readonly class Away
{
    /** @throws Invalid when it ends before it begins */
    public function __construct(
        public string $person,
        /** Null: from the start. */
        public ?Clock $from = null,
        /** From then on again; null: nothing more is planned of this person. */
        public ?Clock $until = null,
    ) {
        if ($from !== null && $until !== null && $until->minutes <= $from->minutes) {
            throw Invalid::at('until', $until->plain(), 'a time after ' . $from . ', from which on it is');
        }
    }
}
