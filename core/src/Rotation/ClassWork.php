<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Training\Station;

/**
 * All that a class has to do, in ticks: the widest span of which all its lengths and breaks are whole multiples. Nothing is lost by it, for
 * in a timetable in which nothing can be moved forward everything begins where something else ends.
 */
final readonly class ClassWork
{
    /** @var list<list<int>> turns by person, in the order of the session's exercises */
    public array $ofPerson;

    /**
     * @param list<Turn>                   $turns
     * @param list<int>                    $places  by station: so many people at a time
     * @param array<int, array<int, true>> $apart   by person: those who are kept apart from him where more than one works
     * @param int                          $tick    minutes
     * @param list<int>                    $ready   by person: from when on something can be done
     * @param list<list<array{int, int}>>  $running by station: ends and people of what goes on there at the beginning
     */
    private function __construct(
        public int $people,
        public array $turns,
        public array $places,
        public Stretches $hours,
        public array $apart,
        public int $tick,
        public array $ready,
        public array $running,
    ) {
        $ofPerson = array_fill(0, $people, []);
        foreach ($turns as $index => $turn) {
            $ofPerson[$turn->person][] = $index;
        }
        $this->ofPerson = $ofPerson;
    }

    /**
     * @param list<Station>  $stations  of the session, in its order
     * @param list<Exercise> $exercises
     * @param Begun|null     $begun     what of it is done already or goes on; null at the start
     */
    public static function of(Session $session, array $stations, array $exercises, ?Begun $begun = null): self
    {
        $breaks = $session->pauses();
        $lengths = array_map(static fn(Exercise $exercise): int => $session->rounded($exercise->minutes), $exercises);
        $ready = array_map(static fn(string $id): int => $session->rounded(max($begun->now ?? 0, self::backAt($session, $id), ...array_map(static fn(Slot $slot): int => $slot->to, $begun?->runningOf($id) ?? []))), $session->people);
        $running = array_map(static fn(Station $station): array => $begun?->runningAt($station->id) ?? [], $stations);
        $tick = array_reduce([...$lengths, ...array_merge([], ...$breaks), ...$ready, ...array_column(array_merge([], ...$running), 'to')], self::commonMeasure(...), 0) ?: $session->slot;
        $stationAt = array_flip(array_column($stations, 'id'));
        $turns = [];
        foreach ($session->people as $person => $id) {
            $of = [];
            foreach ($exercises as $exercise) {
                if ($exercise->isFor($id) && !self::isGone($session, $id) && $begun?->has($id, $exercise->id) !== true) {
                    $of[$exercise->id] = count($turns) + count($of);
                }
            }
            foreach ($exercises as $index => $exercise) {
                if (isset($of[$exercise->id])) {
                    $turns[] = new Turn(
                        $person,
                        $index,
                        intdiv($lengths[$index], $tick),
                        array_values(array_intersect_key($stationAt, array_flip($exercise->stations))),
                        array_values(array_intersect_key($of, array_flip($exercise->after))),
                    );
                }
            }
        }
        $personAt = array_flip($session->people);

        return new self(
            count($session->people),
            $turns,
            array_map(static fn(Station $station): int => $station->capacity, $stations),
            Stretches::between(array_map(static fn(array $break): array => [intdiv($break[0], $tick), intdiv($break[1], $tick)], $breaks)),
            self::keptApart($session),
            $tick,
            array_map(static fn(int $at): int => intdiv($at, $tick), $ready),
            array_map(static fn(array $slots): array => array_map(static fn(Slot $slot): array => [intdiv($slot->to, $tick), $personAt[$slot->person]], $slots), $running),
        );
    }

    /** Whether it begins with everybody there and nothing going on. */
    public function isFresh(): bool
    {
        return max([0, ...$this->ready]) === 0 && array_filter($this->running) === [];
    }

    /** The same with one more place at a station. */
    public function withOneMore(int $station): self
    {
        $places = $this->places;
        $places[$station]++;

        return new self($this->people, $this->turns, array_values($places), $this->hours, $this->apart, $this->tick, $this->ready, $this->running);
    }

    /** Minutes from the start at which somebody who comes late is there. */
    private static function backAt(Session $session, string $person): int
    {
        $until = $session->awayOf($person)?->until;

        return $until === null ? 0 : max(0, $until->minutes - $session->begins()->minutes);
    }

    /** Whether nothing more is planned of somebody. */
    private static function isGone(Session $session, string $person): bool
    {
        $away = $session->awayOf($person);

        return $away !== null && $away->until === null;
    }

    /** @return array<int, array<int, true>> */
    private static function keptApart(Session $session): array
    {
        $at = array_flip($session->people);
        $apart = [];
        foreach ($session->apart as $pair) {
            $apart[$at[$pair->one]][$at[$pair->other]] = true;
            $apart[$at[$pair->other]][$at[$pair->one]] = true;
        }

        return $apart;
    }

    private static function commonMeasure(int $one, int $other): int
    {
        while ($other !== 0) {
            [$one, $other] = [$other, $one % $other];
        }

        return $one;
    }
}
