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
     * @param int $most minutes in which it can be done for certain
     *
     * @return int minutes
     */
    public function length(Classroom $class, int $most): int
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
                for ($from = 0; $exercise->isFor($who) && $from + $length <= $slots; $from++) {
                    if (in_array(true, array_slice($closed, $from, $length), true)) {
                        continue;
                    }
                    foreach ($exercise->stations as $station) {
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
}
