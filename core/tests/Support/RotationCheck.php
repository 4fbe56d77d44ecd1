<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Rotation\Rotation;
use Gondrik\Core\Rotation\Slot;

/** Everything that a rotation must keep, looked at minute by minute from what was asked, and not from how it was made. */
final readonly class RotationCheck
{
    /** @return list<string> what is wrong with it */
    public static function faults(Classroom $class, Rotation $rotation): array
    {
        $faults = [];
        $exercises = array_column($class->exercises, null, 'id');
        $stations = array_column($class->stations, null, 'id');
        $at = [];
        $start = $class->session->begins()->minutes;
        $slot = $class->session->slot;
        foreach ($rotation->course->slots as $one) {
            $exercise = $exercises[$one->exercise];
            $name = $one->person . ' at ' . $one->exercise;
            $rounded = (int) ceil($exercise->minutes / $slot) * $slot;
            $faults = [
                ...$faults,
                ...$one->from % $slot === 0 && $one->from >= 0 ? [] : [$name . ' begins within a slot'],
                ...$one->to - $one->from === $rounded ? [] : [$name . ' takes ' . ($one->to - $one->from)],
                ...in_array($one->station, $exercise->stations, true) ? [] : [$name . ' is at ' . $one->station],
                ...isset($at[$one->person][$one->exercise]) ? [$name . ' twice'] : [],
            ];
            $at[$one->person][$one->exercise] = $one;
            foreach ($class->session->breaks as $break) {
                // A break takes every slot that it touches.
                $from = (int) floor(($break->from->minutes - $start) / $slot) * $slot;
                $to = (int) ceil(($break->from->minutes + $break->minutes - $start) / $slot) * $slot;
                $faults = [...$faults, ...$one->from < $to && $one->to > $from ? [$name . ' runs into a break'] : []];
            }
        }
        foreach ($class->session->people as $person) {
            foreach ($class->exercises as $exercise) {
                $isDone = isset($at[$person][$exercise->id]);
                $away = $class->session->awayOf($person);
                $isGone = $away !== null && $away->until === null;
                $faults = [...$faults, ...$isDone === $exercise->isFor($person) || ($isGone && !$isDone) ? [] : [$person . ($isDone ? ' does ' : ' does not do ') . $exercise->id]];
                foreach ($exercise->after as $earlier) {
                    $isLate = $isDone && isset($at[$person][$earlier]) && $at[$person][$earlier]->to > $at[$person][$exercise->id]->from;
                    $faults = [...$faults, ...$isLate ? [$person . ' does ' . $exercise->id . ' before ' . $earlier] : []];
                }
            }
        }
        $pairs = array_map(static fn(object $pair): array => $pair->plain(), $class->session->apart);
        for ($minute = 0; $minute < ($rotation->length() ?? 0); $minute++) {
            $now = array_values(array_filter($rotation->course->slots, static fn(Slot $one): bool => $one->from <= $minute && $one->to > $minute));
            $people = array_column($now, 'person');
            $faults = [...$faults, ...count($people) === count(array_unique($people)) ? [] : ['somebody is at two things in minute ' . $minute]];
            foreach (array_count_values(array_column($now, 'station')) as $station => $many) {
                $faults = [...$faults, ...$many <= $stations[$station]->capacity ? [] : [$station . ' has ' . $many . ' people in minute ' . $minute]];
            }
            $where = array_column($now, 'station', 'person');
            foreach ($pairs as [$one, $other]) {
                $faults = [...$faults, ...isset($where[$one], $where[$other]) && $where[$one] === $where[$other] ? [$one . ' and ' . $other . ' meet in minute ' . $minute] : []];
            }
        }

        return [...$faults, ...max([0, ...array_column($rotation->course->slots, 'to')]) === $rotation->length() ? [] : ['the length is not the last end']];
    }
}
