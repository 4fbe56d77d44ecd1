<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Training\Station;

/** How a class goes: who is when where, who waits, and how much of a station is used. All times in minutes from the start. */
final readonly class Course
{
    /** @var list<Slot> by when they begin, then by the people of the session */
    public array $slots;

    private Stretches $hours;

    public function __construct(public Session $session, Slot ...$slots)
    {
        $place = array_flip($session->people);
        usort($slots, static fn(Slot $one, Slot $other): int => [$one->from, $place[$one->person], $one->to] <=> [$other->from, $place[$other->person], $other->to]);
        $this->slots = $slots;
        $this->hours = Stretches::between($session->pauses());
    }

    /**
     * As the session keeps it.
     *
     * @param list<Exercise> $exercises of the session
     */
    public static function kept(Session $session, array $exercises): self
    {
        return new self($session, ...Slot::kept($session, $exercises));
    }

    /** The last end. */
    public function length(): int
    {
        return self::lastEnd($this->slots);
    }

    /** The end of somebody's last exercise; nought for who has none. */
    public function end(string $person): int
    {
        return self::lastEnd($this->of($person));
    }

    /** Minutes outside breaks, before his end, in which somebody does nothing. */
    public function idle(string $person): int
    {
        return array_sum(array_map(static fn(Wait $wait): int => $wait->to - $wait->from, $this->waits($person)));
    }

    /** @return list<Wait> of somebody, outside breaks and before his end */
    public function waits(string $person): array
    {
        $waits = [];
        $at = 0;
        foreach ($this->of($person) as $slot) {
            foreach ($this->hours->within($at, $slot->from) as [$from, $to]) {
                $waits[] = new Wait($person, $from, $to);
            }
            $at = max($at, $slot->to);
        }

        return $waits;
    }

    /** Minutes of what is done at a station, of everybody. */
    public function busy(string $station): int
    {
        return array_sum(array_map(static fn(Slot $slot): int => $slot->to - $slot->from, $this->at($station)));
    }

    /** The part of a station's time, outside breaks and until the end, in which it is used. */
    public function share(Station $station): float
    {
        $free = $this->hours->free(0, $this->length());

        return $free === 0 ? 0.0 : $this->busy($station->id) / ($station->capacity * $free);
    }

    /** @return list<Slot> of one person, one after the other */
    public function of(string $person): array
    {
        return array_values(array_filter($this->slots, static fn(Slot $slot): bool => $slot->person === $person));
    }

    /** @return list<Slot> at one station, one after the other */
    public function at(string $station): array
    {
        return array_values(array_filter($this->slots, static fn(Slot $slot): bool => $slot->station === $station));
    }

    /**
     * What is to be done and is not among it.
     *
     * @param list<Exercise> $exercises of the session
     *
     * @return list<Undone> person by person
     */
    public function undone(array $exercises): array
    {
        $undone = [];
        foreach ($this->session->people as $person) {
            $done = array_column($this->of($person), 'exercise');
            $away = $this->session->awayOf($person);
            foreach ($exercises as $exercise) {
                if ($exercise->isFor($person) && !in_array($exercise->id, $done, true)) {
                    $undone[] = new Undone($person, $exercise->id, $away !== null && $away->until === null);
                }
            }
        }

        return $undone;
    }

    /** @param list<Slot> $slots */
    private static function lastEnd(array $slots): int
    {
        return max([0, ...array_map(static fn(Slot $slot): int => $slot->to, $slots)]);
    }
}
