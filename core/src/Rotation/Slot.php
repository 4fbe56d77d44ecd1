<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;

/** Somebody at an exercise, in minutes from the start. */
final readonly class Slot
{
    /** People, exercises and stations by their ids. */
    public function __construct(
        public string $person,
        public string $exercise,
        public string $station,
        public int $from,
        public int $to,
    ) {}

    /**
     * Those of the timetable that a session keeps.
     *
     * @param list<Exercise> $exercises of the session
     *
     * @return list<self>
     */
    public static function kept(Session $session, array $exercises): array
    {
        $minutes = array_column($exercises, 'minutes', 'id');
        $slots = [];
        foreach ($session->timetable as $at) {
            $slots[] = new self($at->person, $at->exercise, $at->station, $at->from, $at->from + $session->rounded($minutes[$at->exercise]));
        }

        return $slots;
    }

    public function meets(self $other): bool
    {
        return $this->from < $other->to && $other->from < $this->to;
    }
}
