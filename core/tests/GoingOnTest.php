<?php

declare(strict_types=1);

use Gondrik\Core\Rotation\Course;
use Gondrik\Core\Rotation\RotationStatus;
use Gondrik\Core\Rotation\Slot;
use Gondrik\Core\Tests\Support\Classroom;
use Gondrik\Core\Tests\Support\RotationCheck;

/** @return list<string> as "a lug press 20-50" */
function slotsOf(array $slots): array
{
    return array_map(static fn(Slot $slot): string => implode(' ', [$slot->person, $slot->exercise, $slot->station, $slot->from . '-' . $slot->to]), $slots);
}

/** @return list<string> the slots, and of each person how many and from when to when: "b 2", "b 60-110" */
function factsOf(Course $course): array
{
    $facts = slotsOf($course->slots);
    foreach ($course->session->people as $person) {
        $of = $course->of($person);
        $facts = [...$facts, $person . ' ' . count($of), ...$of === [] ? [] : [$person . ' ' . $of[0]->from . '-' . $course->end($person)]];
    }

    return $facts;
}

dataset('what happens in the midst of a class', [
    'nothing: it goes on as it was' => ['', 30, ['a lug press 0-30', 'b cut bench 0-20', 'b lug press 30-60', 'a cut bench 30-50']],
    'at the very start all of it is open' => ['', 0, null],
    'what has begun stays, also where the clock stands within a slot' => ['', 32, ['a lug press 0-30', 'b cut bench 0-20', 'b lug press 30-60', 'a cut bench 30-50']],
    'who comes at nine has done nothing' => ['b - 09:00', 30, ['a lug press 0-30', 'a cut bench 30-50', 'b 60-110', 'b 2']],
    'who is away for a while has done what was before it' => ['b 08:25 09:00', 30, ['a lug press 0-30', 'b cut bench 0-20', 'a cut bench 30-50', 'b lug press 60-90']],
    'who is gone has done what was before it, and no more' => ['b 08:25', 30, ['a lug press 0-30', 'b cut bench 0-20', 'a cut bench 30-50']],
    'who never came has done nothing' => ['b', 30, ['a lug press 0-30', 'a cut bench 30-50']],
    'who left in the midst of it has not done it' => ['a 08:10 08:40', 15, ['b cut bench 0-20', 'b lug press 20-50', 'a 40-90', 'a 2']],
]);

it('plans anew from now on, and leaves what has been', function (string $away, int $now, ?array $expected): void {
    $class = Classroom::of('a b', 'press bench*2', 'cut 20 @ bench; lug 30 @ press')->keeping('a lug press 0; b cut bench 0; b lug press 30; a cut bench 30', $away);
    $rotation = $class->rotation(now: $now);
    $expected === null
        ? expect($rotation->length())->toBe($class->rotation()->length())
        : expect(factsOf($rotation->course))->toContain(...$expected)->and(count($rotation->course->slots))->toBe(count($expected));
    expect($rotation->status())->toBe(RotationStatus::Optimal)->and($rotation->bound())->toBe($rotation->length());
})->with('what happens in the midst of a class');

it('begins nothing before a station is free again, nor beside who is kept apart', function (): void {
    $first = static fn(string $stations, string $apart): int => Classroom::of('a b', $stations, 'lug 60 @ bench; cut 20 @ bench for b', apart: $apart)->keeping('a lug bench 0')->rotation(now: 10)->course->of('b')[0]->from;
    expect($first('bench', ''))->toBe(60)
        ->and($first('bench*2', ''))->toBe(10)
        ->and($first('bench*2', 'a-b'))->toBe(60);
});

it('claims no more than is so where more go on at a station than it has room for, as somebody drew it', function (): void {
    $class = Classroom::of('a b c', 'press', 'lug 30 @ press')->keeping('a lug press 0; b lug press 5');
    $rotation = $class->rotation(now: 10);
    expect([$rotation->length(), $rotation->bound(), $rotation->status()])->toBe([65, 65, RotationStatus::Optimal])
        ->and($rotation->course->of('c')[0]->from)->toBe(35);
    $two = Classroom::of('a b c d e', 'bench*2', 'lug 30 @ bench')->keeping('a lug bench 0; b lug bench 5; c lug bench 10')->rotation(now: 15);
    expect([$two->length(), $two->bound(), $two->status()])->toBe([70, 70, RotationStatus::Optimal]);
});

it('is as long at the least as what goes on', function (): void {
    $rotation = Classroom::of('a b', 'bench*2', 'cut 20 @ bench; lug 60 @ bench for a')->keeping('a cut bench 0; b cut bench 0; a lug bench 20')->rotation(more: ['bench'], now: 30);
    expect([$rotation->length(), $rotation->bound(), $rotation->status()])->toBe([80, 80, RotationStatus::Optimal])
        ->and([$rotation->worth[0]->length, $rotation->worth[0]->bound])->toBe([80, 80]);
});

it('plans somebody who is known to come late, and nothing of somebody who does not come', function (): void {
    $class = Classroom::of('a b', 'press', 'lug 30 @ press');
    expect(slotsOf($class->keeping('', 'a - 09:00')->rotation()->course->slots))->toBe(['b lug press 0-30', 'a lug press 60-90'])
        ->and(slotsOf($class->keeping('', 'a')->rotation()->course->slots))->toBe(['b lug press 0-30'])
        // Late by a time within a slot.
        ->and(slotsOf($class->keeping('', 'a - 09:02')->rotation()->course->slots))->toBe(['b lug press 0-30', 'a lug press 65-95']);
});

it('breaks no rule in the midst of any class, and proves what it says', function (int $seed): void {
    $class = Classroom::made($seed, 6, 4, 5);
    $made = $class->rotation(1.0);
    $now = 5 * intdiv($made->length(), 15);
    $kept = $class->keeping(implode(';', array_map(static fn(Slot $slot): string => implode(' ', [$slot->person, $slot->exercise, $slot->station, $slot->from]), $made->course->slots)), $seed % 2 === 0 ? 'p3 08:00 08:50' : 'p4 08:10');
    $rotation = $kept->rotation(2.0, now: $now);
    expect(RotationCheck::faults($kept, $rotation))->toBe([])
        ->and($rotation->bound())->toBeLessThanOrEqual($rotation->length());
    $away = $kept->session->away[0];
    foreach ($rotation->course->slots as $slot) {
        $wasThere = in_array(implode(' ', [$slot->person, $slot->exercise, $slot->station, $slot->from]), slotsBegun($made->course->slots, $now), true);
        expect($wasThere || $slot->from >= $now)->toBeTrue()
            ->and($slot->person === $away->person && $away->until !== null && $slot->from < 50)->toBeFalse();
    }
    foreach ($made->course->slots as $slot) {
        if ($slot->from < $now && $slot->person !== $away->person) {
            expect($rotation->course->slots)->toContainEqual($slot);
        }
    }
})->with(range(1, 12));

/** @return list<string> */
function slotsBegun(array $slots, int $now): array
{
    return array_map(static fn(Slot $slot): string => implode(' ', [$slot->person, $slot->exercise, $slot->station, $slot->from]), array_filter($slots, static fn(Slot $slot): bool => $slot->from < $now));
}
