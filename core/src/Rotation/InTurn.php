<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** A timetable made by putting turn after turn where it can begin first, between those that stand already. */
final class InTurn
{
    /** @var array<int, array<int, true>> by person and tick */
    private array $busy = [];

    /** @var array<int, array<int, int>> people by station and tick */
    private array $taken = [];

    /** @var array<int, array<int, list<int>>> who, by station and tick; only of those who are kept apart from somebody */
    private array $who = [];

    /** @var array<int, int> */
    private array $starts = [];

    /** @var array<int, int> */
    private array $stations = [];

    private function __construct(private readonly ClassWork $work)
    {
        foreach ($work->running as $station => $runs) {
            foreach ($runs as [$end, $person]) {
                $this->hold($station, $person, 0, $end);
            }
        }
    }

    /** @param list<int> $order turns, each once; what must be done before one is put there before it */
    public static function of(ClassWork $work, array $order): Timetable
    {
        $made = new self($work);
        foreach ($order as $turn) {
            $made->put($turn);
        }

        return new Timetable($work, $made->starts, $made->stations);
    }

    private function put(int $index): void
    {
        if (isset($this->starts[$index])) {
            return;
        }
        $turn = $this->work->turns[$index];
        $at = $this->work->ready[$turn->person];
        foreach ($turn->after as $earlier) {
            $this->put($earlier);
            $at = max($at, $this->starts[$earlier] + $this->work->turns[$earlier]->length);
        }
        $busy = $this->busy[$turn->person] ?? [];
        while (true) {
            $at = $this->work->hours->earliest($at, $turn->length);
            for ($tick = $at + $turn->length - 1; $tick >= $at; $tick--) {
                if (isset($busy[$tick])) {
                    $at = $tick + 1;
                    continue 2;
                }
            }
            $next = PHP_INT_MAX;
            foreach ($turn->stations as $station) {
                $full = $this->lastFull($turn, $station, $at);
                if ($full === null) {
                    $this->take($index, $turn, $station, $at);

                    return;
                }
                $next = min($next, $full + 1);
            }
            $at = $next;
        }
    }

    /** The last tick of a turn at which a station has no room for it; null where it has. */
    private function lastFull(Turn $turn, int $station, int $at): ?int
    {
        $places = $this->work->places[$station];
        $taken = $this->taken[$station] ?? [];
        $apart = $places > 1 ? $this->work->apart[$turn->person] ?? [] : [];
        for ($tick = $at + $turn->length - 1; $tick >= $at; $tick--) {
            if (($taken[$tick] ?? 0) >= $places) {
                return $tick;
            }
            foreach ($apart === [] ? [] : $this->who[$station][$tick] ?? [] as $other) {
                if (isset($apart[$other])) {
                    return $tick;
                }
            }
        }

        return null;
    }

    private function take(int $index, Turn $turn, int $station, int $at): void
    {
        $this->hold($station, $turn->person, $at, $at + $turn->length);
        $this->starts[$index] = $at;
        $this->stations[$index] = $station;
    }

    private function hold(int $station, int $person, int $from, int $to): void
    {
        $isApart = isset($this->work->apart[$person]);
        for ($tick = $from; $tick < $to; $tick++) {
            $this->busy[$person][$tick] = true;
            $this->taken[$station][$tick] = ($this->taken[$station][$tick] ?? 0) + 1;
            if ($isApart) {
                $this->who[$station][$tick][] = $person;
            }
        }
    }
}
