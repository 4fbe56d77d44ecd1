<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

/** Somebody of a class at an exercise, as a timetable that is kept has it: for as long as the exercise takes. */
final readonly class Appointment
{
    /** @param int $from minutes from the start of the session, at least 0 */
    public function __construct(
        public string $person,
        public string $exercise,
        public string $station,
        public int $from,
    ) {}
}
