<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Training\Station;

/** Everything that is wrong with a timetable that somebody may have changed: the same rules as a rotation is made by. */
final class Conflicts
{
    /** @var list<Conflict> */
    private array $found = [];

    private readonly Session $session;

    /** @var array<string, Exercise> by id */
    private readonly array $exercises;

    /** @param list<Exercise> $exercises of the session */
    private function __construct(Course $course, array $exercises)
    {
        $this->session = $course->session;
        $this->exercises = array_column($exercises, null, 'id');
    }

    /**
     * @param list<Station>  $stations  of the session
     * @param list<Exercise> $exercises of the session
     *
     * @return list<Conflict> by when they begin
     */
    public static function in(Course $course, array $stations, array $exercises): array
    {
        $looked = new self($course, $exercises);
        foreach ($course->slots as $slot) {
            $looked->byItself($slot);
        }
        foreach ($course->session->people as $person) {
            $looked->ofPerson($course->of($person));
        }
        foreach ($stations as $station) {
            $looked->atStation($course->at($station->id), $station->capacity);
        }
        usort($looked->found, static fn(Conflict $one, Conflict $other): int => $one->from <=> $other->from);

        return $looked->found;
    }

    private function byItself(Slot $slot): void
    {
        $exercise = $this->exercises[$slot->exercise];
        if (!$exercise->isFor($slot->person)) {
            $this->add(ConflictCode::NotFor, $slot->from, $slot->to, $slot);
        }
        if (!in_array($slot->station, $exercise->stations, true)) {
            $this->add(ConflictCode::Elsewhere, $slot->from, $slot->to, $slot);
        }
        foreach ($this->session->pauses() as [$from, $to]) {
            $this->where(ConflictCode::Pause, $from, $to, $slot);
        }
        $away = $this->session->awayOf($slot->person);
        if ($away !== null) {
            $start = $this->session->begins()->minutes;
            $this->where(ConflictCode::Away, $away->from === null ? 0 : $away->from->minutes - $start, $away->until === null ? PHP_INT_MAX : $away->until->minutes - $start, $slot);
        }
        $lasts = $this->session->lasts();
        if ($lasts !== null && $slot->to > $lasts) {
            $this->add(ConflictCode::Late, max($lasts, $slot->from), $slot->to, $slot);
        }
    }

    /** @param list<Slot> $slots of one person, as they begin */
    private function ofPerson(array $slots): void
    {
        $of = array_column($slots, null, 'exercise');
        foreach ($slots as $index => $slot) {
            foreach (array_slice($slots, $index + 1) as $other) {
                $this->where(ConflictCode::Twice, $slot->from, $slot->to, $other, $slot);
            }
            foreach ($this->exercises[$slot->exercise]->after as $id) {
                $earlier = $of[$id] ?? null;
                if ($earlier !== null && $earlier->to > $slot->from) {
                    $this->add(ConflictCode::Order, $slot->from, min($slot->to, max($slot->from, $earlier->to)), $slot, $earlier);
                }
            }
        }
    }

    /** @param list<Slot> $slots at one station, as they begin */
    private function atStation(array $slots, int $capacity): void
    {
        $crowd = [];
        foreach ($slots as $index => $slot) {
            foreach (array_slice($slots, $index + 1) as $other) {
                if ($this->areApart($slot->person, $other->person)) {
                    $this->where(ConflictCode::Apart, $slot->from, $slot->to, $other, $slot);
                }
            }
            // The more there are can only begin where one begins; told once, of as many as there are at the most.
            $there = array_values(array_filter($slots, static fn(Slot $other): bool => $other->from <= $slot->from && $other->to > $slot->from));
            if ($there !== [] && count($there) > $capacity) {
                $crowd[] = new Conflict(ConflictCode::Full, $there, $slot->from, min(array_map(static fn(Slot $other): int => $other->to, $there)));
            }
        }
        foreach ($crowd as $index => $conflict) {
            $next = $crowd[$index + 1] ?? null;
            if ($next === null || $next->from !== $conflict->from) {
                $this->found[] = $conflict;
            }
        }
    }

    private function areApart(string $one, string $other): bool
    {
        foreach ($this->session->apart as $pair) {
            if (in_array($one, $pair->plain(), true) && in_array($other, $pair->plain(), true)) {
                return true;
            }
        }

        return false;
    }

    /** Adds it where a slot meets a span. */
    private function where(ConflictCode $code, int $from, int $to, Slot $slot, Slot ...$others): void
    {
        if ($slot->from < $to && $slot->to > $from) {
            $this->add($code, max($from, $slot->from), min($to, $slot->to), $slot, ...$others);
        }
    }

    private function add(ConflictCode $code, int $from, int $to, Slot $slot, Slot ...$others): void
    {
        $this->found[] = new Conflict($code, [$slot, ...array_values($others)], $from, $to);
    }
}
