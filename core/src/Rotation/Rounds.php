<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/**
 * Turns that all take as long, in rounds: as many as the person or the place with most of them has, and no more. People and places
 * are the two sides of a graph, turns its edges, rounds their colours; Kőnig's construction (D. Kőnig, Über Graphen und ihre Anwendung
 * auf Determinantentheorie und Mengenlehre, 1916): a colour that is free at one end and not at the other is made free by changing it
 * with another along a path.
 */
final class Rounds
{
    /** @var array<int, int> station by turn */
    private array $stations = [];

    /** @var array<int, array<int, int>> turn by person and round */
    private array $ofPerson = [];

    /** @var array<string, array<int, int>> turn by place and round */
    private array $ofPlace = [];

    /** @var array<int, string> place by turn */
    private array $places = [];

    private function __construct(private readonly ClassWork $work) {}

    /** Whether the work is of that kind: all of it still to do, one length, no order, and nobody who might meet whom he is kept apart from. */
    public static function isOne(ClassWork $work): bool
    {
        if (!$work->isFresh()) {
            return false;
        }
        foreach ($work->turns as $turn) {
            $mayMeet = isset($work->apart[$turn->person]) && array_filter($turn->stations, static fn(int $station): bool => $work->places[$station] > 1) !== [];
            if ($turn->length !== $work->turns[0]->length || $turn->after !== [] || $mayMeet) {
                return false;
            }
        }

        return $work->turns !== [];
    }

    /** A shortest timetable of such work. */
    public static function of(ClassWork $work): Timetable
    {
        $made = new self($work);
        $rounds = max(0, ...array_map(count(...), $work->ofPerson));
        while (!$made->assign($rounds)) {
            $rounds++;
        }
        $made->places = $made->spread();
        foreach ($work->turns as $index => $turn) {
            $made->colour($index, $turn->person, $made->places[$index], $rounds);
        }

        return $made->timetable();
    }

    /** To each turn one of its stations, so that no place has more than so many. */
    private function assign(int $rounds): bool
    {
        $this->stations = [];
        $at = array_fill(0, count($this->work->places), []);
        foreach (array_keys($this->work->turns) as $turn) {
            $tried = [];
            if (!$this->give($turn, $rounds, $at, $tried)) {
                return false;
            }
        }
        foreach ($at as $station => $turns) {
            foreach (array_keys($turns) as $turn) {
                $this->stations[$turn] = $station;
            }
        }
        ksort($this->stations);

        return true;
    }

    /**
     * @param array<int, array<int, true>> $at    turns by station
     * @param array<int, true>             $tried stations
     */
    private function give(int $turn, int $rounds, array &$at, array &$tried): bool
    {
        foreach ($this->work->turns[$turn]->stations as $station) {
            if (isset($tried[$station])) {
                continue;
            }
            $tried[$station] = true;
            if (count($at[$station]) < $rounds * $this->work->places[$station]) {
                $at[$station][$turn] = true;

                return true;
            }
            foreach (array_keys($at[$station]) as $other) {
                if ($this->give($other, $rounds, $at, $tried)) {
                    unset($at[$station][$other]);
                    $at[$station][$turn] = true;

                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<int, string> to each turn one of the places of its station, by turns */
    private function spread(): array
    {
        $places = $next = [];
        foreach ($this->stations as $turn => $station) {
            $next[$station] = ($next[$station] ?? -1) + 1;
            $places[$turn] = $station . '/' . $next[$station] % $this->work->places[$station];
        }

        return $places;
    }

    private function colour(int $turn, int $person, string $place, int $rounds): void
    {
        $free = static function (array $taken) use ($rounds): int {
            for ($round = 0; $round < $rounds; $round++) {
                if (!isset($taken[$round])) {
                    return $round;
                }
            }

            throw new \LogicException('no more turns than rounds, of anybody and anywhere');
        };
        $of = $free($this->ofPerson[$person] ?? []);
        $at = $free($this->ofPlace[$place] ?? []);
        if ($of !== $at) {
            $this->change($place, $of, $at);
        }
        $this->ofPerson[$person][$of] = $turn;
        $this->ofPlace[$place][$of] = $turn;
    }

    /** Along the path that begins at a place: what is in one round to the other, and the other way round. */
    private function change(string $place, int $round, int $other): void
    {
        $path = [];
        $isAtPlace = true;
        $end = $place;
        for ($colour = $round; ; $colour = $colour === $round ? $other : $round) {
            $turn = $isAtPlace ? $this->ofPlace[$end][$colour] ?? null : $this->ofPerson[(int) $end][$colour] ?? null;
            if ($turn === null) {
                break;
            }
            $path[] = [$turn, $colour];
            $end = $isAtPlace ? (string) $this->work->turns[$turn]->person : $this->places[$turn];
            $isAtPlace = !$isAtPlace;
        }
        foreach ($path as [$turn, $colour]) {
            unset($this->ofPerson[$this->work->turns[$turn]->person][$colour], $this->ofPlace[$this->places[$turn]][$colour]);
        }
        foreach ($path as [$turn, $colour]) {
            $now = $colour === $round ? $other : $round;
            $this->ofPerson[$this->work->turns[$turn]->person][$now] = $turn;
            $this->ofPlace[$this->places[$turn]][$now] = $turn;
        }
    }

    private function timetable(): Timetable
    {
        $length = $this->work->turns[0]->length;
        $begins = $starts = [];
        $at = 0;
        foreach ($this->ofPerson as $rounds) {
            foreach ($rounds as $round => $turn) {
                for ($known = count($begins); $known <= $round; $known++) {
                    $begins[] = $this->work->hours->earliest($at, $length);
                    $at = $begins[$known] + $length;
                }
                $starts[$turn] = $begins[$round];
            }
        }

        return new Timetable($this->work, $starts, $this->stations);
    }
}
