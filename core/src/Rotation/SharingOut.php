<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/**
 * Whether the turns can be given to stations at all, so that none has more than there is room for: whole turns, not the load cut as one
 * likes. Exercise after exercise so many here, so many there; what was met once is not gone into again.
 */
final class SharingOut
{
    /** Ways that are gone before it is left open. */
    private const WAYS = 20_000;

    /** @var list<array{int, int, list<int>}> length, how many turns, and stations: the choosiest last */
    private array $kinds = [];

    /** @var array<string, true> */
    private array $met = [];

    private int $ways = 0;

    private function __construct(ClassWork $work)
    {
        $kinds = [];
        foreach ($work->turns as $turn) {
            $key = $turn->length . '@' . implode(',', $turn->stations);
            $kinds[$key] = [$turn->length, ($kinds[$key][1] ?? 0) + 1, $turn->stations];
        }
        usort($kinds, static fn(array $one, array $other): int => [count($one[2]), -$one[0]] <=> [count($other[2]), -$other[0]]);
        $this->kinds = $kinds;
    }

    /** Whether it is certain that they cannot be done by a time. */
    public static function isImpossible(Bounds $bounds, int $by): bool
    {
        $work = $bounds->work;
        $deadlines = $bounds->deadlines($by);
        $room = [];
        foreach ($work->places as $station => $places) {
            $turns = array_keys(array_filter($work->turns, static fn(Turn $turn): bool => in_array($station, $turn->stations, true)));
            if ($turns !== []) {
                $fillings = new Fillings(array_values(array_unique(array_map(static fn(int $turn): int => $work->turns[$turn]->length, $turns))));
                $heads = array_map(static fn(int $turn): int => $bounds->heads[$turn], $turns);
                $ends = array_map(static fn(int $turn): int => $deadlines[$turn], $turns);
                $room[$station] = $places * $work->hours->room(min($heads), max($ends), $fillings);
            }
        }

        return !(new self($work))->goOn(0, $room);
    }

    /**
     * @param array<int, int> $room by station
     */
    private function goOn(int $kind, array $room): bool
    {
        if (!isset($this->kinds[$kind]) || ++$this->ways > self::WAYS) {
            return true;
        }
        $key = $kind . ':' . implode(',', $room);
        if (isset($this->met[$key])) {
            return false;
        }
        $this->met[$key] = true;
        [$length, $count, $stations] = $this->kinds[$kind];

        return $this->give($kind, $length, $count, $stations, $room);
    }

    /**
     * @param list<int>       $stations that are still to be asked
     * @param array<int, int> $room
     */
    private function give(int $kind, int $length, int $count, array $stations, array $room): bool
    {
        $station = array_shift($stations);
        if ($station === null) {
            return $count === 0 && $this->goOn($kind + 1, $room);
        }
        $most = min($count, intdiv($room[$station], $length));
        for ($here = $stations === [] ? $count : $most; $here >= 0 && $here <= $most; $here--) {
            if ($this->give($kind, $length, $count - $here, $stations, array_replace($room, [$station => $room[$station] - $here * $length]))) {
                return true;
            }
            if ($stations === []) {
                break;
            }
        }

        return false;
    }
}
