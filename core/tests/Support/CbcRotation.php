<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

/**
 * The least length of a class, asked of CBC: whether each turn begins at each station in each slot, nought or one. Slots of the session
 * itself, without what is known here of turns and of people who are alike.
 */
final class CbcRotation
{
    public function __construct(private readonly Cbc $cbc = new Cbc()) {}

    /**
     * @param int      $most minutes in which it can be done for certain
     * @param int|null $now  minutes from which on what is kept is planned anew, whole slots
     *
     * @return int minutes
     */
    public function length(Classroom $class, int $most, ?int $now = null): int
    {
        $session = $class->session;
        $slots = intdiv($most, $session->slot);
        $closed = [];
        foreach ($session->breaks as $break) {
            for ($slot = 0; $slot < $slots; $slot++) {
                $minute = $session->begins()->minutes + $slot * $session->slot;
                $closed[$slot] = ($closed[$slot] ?? false) || ($minute < $break->from->minutes + $break->minutes && $minute + $session->slot > $break->from->minutes);
            }
        }
        $rows = $names = $busy = $taken = $of = [];
        foreach ($session->people as $p => $who) {
            foreach ($class->exercises as $e => $exercise) {
                $length = (int) ceil($exercise->minutes / $session->slot);
                [$begins, $pinned] = self::begins($class, $who, $exercise->id, $length * $session->slot, $now);
                for ($from = 0; $exercise->isFor($who) && $from + $length <= $slots; $from++) {
                    if (in_array(true, array_slice($closed, $from, $length), true)) {
                        continue;
                    }
                    foreach ($exercise->stations as $station) {
                        if ($pinned === null ? $begins === null || $from * $session->slot < $begins : $pinned !== [$station, $from * $session->slot]) {
                            continue;
                        }
                        $name = sprintf('x_%d_%d_%s_%d', $p, $e, $station, $from);
                        $names[] = $name;
                        $of[$p][$e][$name] = [$from, $from + $length];
                        for ($slot = $from; $slot < $from + $length; $slot++) {
                            $busy[$p . '/' . $slot][$name] = 1;
                            $taken[$station][$slot][$p][$name] = 1;
                        }
                    }
                }
            }
        }
        foreach ($of as $exercises) {
            foreach ($exercises as $e => $ways) {
                $rows[] = Cbc::sum(array_map(static fn(): int => 1, $ways)) . ' = 1';
                $end = array_map(static fn(array $way): int => -$way[1], $ways);
                $rows[] = Cbc::sum(['last' => 1, ...$end]) . ' >= 0';
                foreach ($class->exercises as $other => $earlier) {
                    if (in_array($earlier->id, $class->exercises[$e]->after, true) && isset($exercises[$other])) {
                        $rows[] = Cbc::sum([...array_map(static fn(array $way): int => $way[0], $ways), ...array_map(static fn(array $way): int => -$way[1], $exercises[$other])]) . ' >= 0';
                    }
                }
            }
        }
        $rows = [...$rows, ...array_map(static fn(array $ways): string => Cbc::sum($ways) . ' <= 1', array_values($busy))];
        foreach ($class->stations as $station) {
            foreach ($taken[$station->id] ?? [] as $people) {
                $rows[] = Cbc::sum(array_merge(...array_values($people))) . ' <= ' . $station->capacity;
                foreach ($session->apart as $pair) {
                    $two = [...$people[array_search($pair->one, $session->people, true)] ?? [], ...$people[array_search($pair->other, $session->people, true)] ?? []];
                    $rows = [...$rows, ...$two === [] ? [] : [Cbc::sum($two) . ' <= 1']];
                }
            }
        }
        $least = $this->cbc->minimum("Minimize obj: last\nSubject To\n" . implode("\n", $rows) . "\nBinaries\n" . wordwrap(implode(' ', $names), 200) . "\nEnd\n");
        assert($least !== null);

        return $least * $session->slot;
    }

    /** @return array{?int, array{string, int}|null} from when on it can begin, null where it is not done any more; and where it has begun already */
    private static function begins(Classroom $class, string $person, string $exercise, int $length, ?int $now): array
    {
        $start = $class->session->begins()->minutes;
        $from = $until = null;
        foreach ($class->session->away as $away) {
            if ($away->person === $person) {
                $from = $away->from === null ? 0 : $away->from->minutes - $start;
                $until = $away->until === null ? 1440 : $away->until->minutes - $start;
            }
        }
        foreach ($now === null ? [] : $class->session->timetable as $at) {
            $wasThere = $from === null || $at->from + $length <= $from || $at->from >= $until;
            if ($at->person === $person && $at->exercise === $exercise && $at->from < $now && $wasThere) {
                return [null, [$at->station, $at->from]];
            }
        }

        return [$until === 1440 ? null : max($now ?? 0, $until ?? 0), null];
    }
}
