<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** Stations, and the turns that can be done nowhere else. */
final readonly class StationSet
{
    /** Different choices of stations up to which every union of them is looked at; of more, each by itself and all together. */
    private const COMBINED = 10;

    /** So many people at a time. */
    public int $places;

    public Fillings $fillings;

    /**
     * @param list<int> $stations in the order of the session
     * @param list<int> $turns
     */
    private function __construct(ClassWork $work, public array $stations, public array $turns)
    {
        $this->places = array_sum(array_map(static fn(int $station): int => $work->places[$station], $stations));
        $this->fillings = new Fillings(array_values(array_unique(array_map(static fn(int $turn): int => $work->turns[$turn]->length, $turns))));
    }

    /**
     * The most that can be done of these turns at one station from one time to another, after what goes on there. Of more than it has room
     * for, as somebody may have drawn it, those who leave last hold its places.
     *
     * @param list<int> $ends of what goes on there
     */
    public function roomAt(Stretches $hours, int $places, array $ends, int $from, int $to): int
    {
        if (count($ends) > $places) {
            rsort($ends);
            $ends = array_slice($ends, 0, $places);
        }
        $room = ($places - count($ends)) * $hours->room($from, $to, $this->fillings);
        foreach ($ends as $end) {
            $room += $hours->room(max($from, $end), $to, $this->fillings);
        }

        return $room;
    }

    /** @return list<self> the fewest stations first, then in the order of the session */
    public static function of(ClassWork $work): array
    {
        $choices = [];
        foreach ($work->turns as $turn) {
            $choices[implode(',', $turn->stations)] = $turn->stations;
        }
        $unions = $choices;
        foreach (count($choices) > self::COMBINED ? [array_values(array_unique(array_merge(...array_values($choices))))] : $choices as $choice) {
            foreach ($unions as $union) {
                $all = array_values(array_unique([...$union, ...$choice]));
                sort($all);
                $unions[implode(',', $all)] = $all;
            }
        }
        $sets = [];
        foreach ($unions as $stations) {
            $turns = array_keys(array_filter($work->turns, static fn(Turn $turn): bool => array_diff($turn->stations, $stations) === []));
            $sets[] = new self($work, $stations, $turns);
        }
        usort($sets, static fn(self $one, self $other): int => [count($one->stations), $one->stations] <=> [count($other->stations), $other->stations]);

        return $sets;
    }
}
