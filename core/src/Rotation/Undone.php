<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** What somebody of a class is to do, and a timetable does not have. */
final readonly class Undone
{
    /** Person and exercise by their ids. */
    public function __construct(
        public string $person,
        public string $exercise,
        /** Whether nothing more is planned of this person. */
        public bool $isGone,
    ) {}
}
