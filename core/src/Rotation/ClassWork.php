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
     * @param list<int>                    $places by station: so many people at a time
     * @param array<int, array<int, true>> $apart  by person: those who are kept apart from him where more than one works
     * @param int                          $tick   minutes
     */
    private function __construct(
        public int $people,
        public array $turns,
        public array $places,
        public Stretches $hours,
        public array $apart,
        public int $tick,
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
     */
    public static function of(Session $session, array $stations, array $exercises): self
    {
        $slots = static fn(int $minutes): int => $session->slot * intdiv($minutes + $session->slot - 1, $session->slot);
        $breaks = [];
        foreach ($session->breaks as $break) {
            $from = $break->from->minutes - $session->begins()->minutes;
            $breaks[] = [max(0, $session->slot * (int) floor($from / $session->slot)), max(0, $slots(max(0, $from + $break->minutes)))];
        }
        $breaks = array_values(array_filter($breaks, static fn(array $break): bool => $break[1] > $break[0]));
        $lengths = array_map(static fn(Exercise $exercise): int => $slots($exercise->minutes), $exercises);
        $tick = array_reduce([...$lengths, ...array_merge(...$breaks)], self::commonMeasure(...), 0) ?: $session->slot;
        $stationAt = array_flip(array_column($stations, 'id'));
        $turns = [];
        foreach ($session->people as $person => $id) {
            $of = [];
            foreach ($exercises as $index => $exercise) {
                if ($exercise->isFor($id)) {
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

        return new self(
            count($session->people),
            $turns,
            array_map(static fn(Station $station): int => $station->capacity, $stations),
            Stretches::between(array_map(static fn(array $break): array => [intdiv($break[0], $tick), intdiv($break[1], $tick)], $breaks)),
            self::keptApart($session),
            $tick,
        );
    }

    /** The same with one more place at a station. */
    public function withOneMore(int $station): self
    {
        $places = $this->places;
        $places[$station]++;

        return new self($this->people, $this->turns, array_values($places), $this->hours, $this->apart, $this->tick);
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
