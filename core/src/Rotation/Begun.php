<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;

/** What of a timetable that is kept has been at a time or goes on: it stays. What somebody was to do who was away has not been. */
final readonly class Begun
{
    /** @var list<Slot> that began before now */
    public array $slots;

    /** @var array<string, array<string, true>> by person and exercise */
    private array $has;

    /** @param int $now minutes from the start, whole slots */
    private function __construct(public int $now, Slot ...$slots)
    {
        $this->slots = array_values($slots);
        $has = [];
        foreach ($slots as $slot) {
            $has[$slot->person][$slot->exercise] = true;
        }
        $this->has = $has;
    }

    /**
     * @param list<Exercise> $exercises of the session
     * @param int            $now       minutes from the start, at least 0; the slot that has begun is as it is
     */
    public static function at(Session $session, array $exercises, int $now): self
    {
        $stay = static fn(Slot $slot): bool => $slot->from < $now && !self::wasAway($session, $slot);

        return new self($session->rounded($now), ...array_filter(Slot::kept($session, $exercises), $stay));
    }

    public function has(string $person, string $exercise): bool
    {
        return isset($this->has[$person][$exercise]);
    }

    /** The last end of what stays. */
    public function end(): int
    {
        return max([0, ...array_map(static fn(Slot $slot): int => $slot->to, $this->slots)]);
    }

    /** @return list<Slot> of somebody, that are not done yet */
    public function runningOf(string $person): array
    {
        return array_values(array_filter($this->slots, fn(Slot $slot): bool => $slot->person === $person && $slot->to > $this->now));
    }

    /** @return list<Slot> at a station, that are not done yet */
    public function runningAt(string $station): array
    {
        return array_values(array_filter($this->slots, fn(Slot $slot): bool => $slot->station === $station && $slot->to > $this->now));
    }

    private static function wasAway(Session $session, Slot $slot): bool
    {
        $away = $session->awayOf($slot->person);

        return $away !== null && self::minutes($session, $away->from?->minutes) < $slot->to && ($away->until === null || self::minutes($session, $away->until->minutes) > $slot->from);
    }

    private static function minutes(Session $session, ?int $clock): int
    {
        return $clock === null ? 0 : $clock - $session->begins()->minutes;
    }
}
