<?php

declare(strict_types=1);

use Gondrik\Core\Rotation\Conflict;
use Gondrik\Core\Rotation\Conflicts;
use Gondrik\Core\Rotation\Slot;
use Gondrik\Core\Rotation\Undone;
use Gondrik\Core\Rotation\Wait;
use Gondrik\Core\Tests\Support\Classroom;

/** @return list<string> as "station.full 20-30 a:lug b:lug" */
function conflictsIn(Classroom $class): array
{
    return array_map(
        static fn(Conflict $conflict): string => $conflict->code->value . ' ' . $conflict->from . '-' . $conflict->to . ' ' . implode(' ', array_map(static fn(Slot $slot): string => $slot->person . ':' . $slot->exercise, $conflict->slots)),
        Conflicts::in($class->kept(), $class->stations, $class->exercises),
    );
}

dataset('timetables', [
    'nothing wrong' => ['a cut bench 0; a lug press 20; b cut bench 0; b lug press 75', '', []],
    'one person at two things' => ['a cut bench 0; a lug press 10', '', ['person.twice 10-20 a:lug a:cut', 'exercise.too-soon 10-20 a:lug a:cut']],
    'two at a press for one' => ['a lug press 20; b lug press 30', '', ['station.full 30-50 a:lug b:lug']],
    'three at a press, begun together and apart' => ['a lug press 0; b lug press 0; c lug press 10', '', ['people.apart 10-30 c:lug a:lug', 'station.full 0-30 a:lug b:lug', 'station.full 10-30 a:lug b:lug c:lug']],
    'one goes as the other comes' => ['a lug press 0; b lug press 30', '', []],
    'two at a bench for two' => ['a cut bench 0; b cut bench 10', '', []],
    'three at a bench for two' => ['a cut bench 0; b cut bench 10; c cut bench 15', '', ['station.full 15-20 a:cut b:cut c:cut', 'people.apart 15-20 c:cut a:cut']],
    'an exercise where it cannot be done' => ['a lug bench 0', '', ['station.elsewhere 0-30 a:lug']],
    'before what comes before it' => ['a lug press 0; a cut bench 40', '', ['exercise.too-soon 0-30 a:lug a:cut']],
    'what comes before it is missing' => ['a lug press 0', '', []],
    'two who are kept apart, at one bench' => ['a cut bench 0; c cut bench 15', '', ['people.apart 15-20 c:cut a:cut']],
    'one after the other at one bench' => ['a cut bench 0; c cut bench 20', '', []],
    'into the break, and across it' => ['a lug press 50; b lug press 30; c cut bench 60', '', ['break.across 60-75 a:lug', 'station.full 50-60 b:lug a:lug', 'break.across 60-75 c:cut']],
    'up to the break, and from its end on' => ['a lug press 30; b lug press 75', '', []],
    'away from the start, there at the quarter' => ['a cut bench 0; a lug press 20', 'a - 08:15', ['person.away 0-15 a:cut']],
    'gone from a time on' => ['a cut bench 0; a lug press 20', 'a 08:30', ['person.away 30-50 a:lug']],
    'away between two exercises' => ['a cut bench 0; a lug press 80', 'a 08:20 09:20', []],
    'after the end' => ['a lug press 95; b lug press 125', '', ['session.over 120-125 a:lug', 'session.over 125-155 b:lug']],
    'somebody who does not do it' => ['b judge bench 0', '', ['exercise.not-for 0-10 b:judge']],
]);

it('tells what cannot be so in a timetable that was changed by hand', function (string $timetable, string $away, array $expected): void {
    $class = Classroom::of('a b c', 'press bench*2', 'cut 20 @ bench; lug 30 @ press after cut; judge 10 @ bench for a', '09:00 15', 'a-c', until: '10:00')->keeping($timetable, $away);
    $found = conflictsIn($class);
    sort($found);
    sort($expected);
    expect($found)->toBe($expected);
})->with('timetables');

it('finds nothing wrong with what it has made itself', function (int $seed): void {
    $class = Classroom::made($seed, 6, 4, 5);
    $made = $class->rotation(1.0)->course->slots;
    $kept = $class->keeping(implode(';', array_map(static fn(Slot $slot): string => implode(' ', [$slot->person, $slot->exercise, $slot->station, $slot->from]), $made)));
    expect(conflictsIn($kept))->toBe([])
        ->and($kept->kept()->slots)->toEqual($made)
        ->and($kept->kept()->undone($class->exercises))->toBe([]);
})->with(range(1, 8));

it('tells what is left out, and of whom nothing more comes', function (): void {
    $class = Classroom::of('a b', 'press bench*2', 'cut 20 @ bench; lug 30 @ press; judge 10 @ bench for a')->keeping('a cut bench 0; b lug press 0', 'b 08:30');
    expect($class->kept()->undone($class->exercises))->toEqual([
        new Undone('a', 'lug', false),
        new Undone('a', 'judge', false),
        new Undone('b', 'cut', true),
    ]);
});

it('counts who comes late as somebody of whom more comes', function (): void {
    $class = Classroom::of('a', 'press', 'lug 30 @ press')->keeping('', 'a - 09:00');
    expect($class->kept()->undone($class->exercises))->toEqual([new Undone('a', 'lug', false)]);
});

it('tells who waits when, and not in the break', function (): void {
    $class = Classroom::of('a b', 'press bench*2', 'cut 20 @ bench; lug 30 @ press', '09:00 15')->keeping('a cut bench 10; a lug press 90; b lug press 0; b cut bench 20');
    expect($class->kept()->waits('a'))->toEqual([new Wait('a', 0, 10), new Wait('a', 30, 60), new Wait('a', 75, 90)])
        ->and($class->kept()->idle('a'))->toBe(55)
        // Who is at two things at once does not wait between them.
        ->and($class->kept()->waits('b'))->toBe([]);
});
