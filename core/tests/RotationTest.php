<?php

declare(strict_types=1);

/* Who of a class is when at which station: cases that can be worked by hand, and whatever holds of every class. */

use Gondrik\Core\Rotation\OneMore;
use Gondrik\Core\Rotation\RotationStatus;
use Gondrik\Core\Rotation\Rounds;
use Gondrik\Core\Rotation\Slot;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\Classroom;
use Gondrik\Core\Tests\Support\RotationCheck;
use Gondrik\Core\Training\Apart;
use Gondrik\Core\Value\Clock;
use Gondrik\Core\Value\Invalid;

it('takes as long as one can work out by hand', function (array $row): void {
    $class = Classroom::of($row['people'], $row['stations'], $row['exercises'], $row['breaks'], $row['apart'], (int) $row['slot']);
    $rotation = $class->rotation();
    expect(RotationCheck::faults($class, $rotation))->toBe([])
        ->and($rotation->status())->toBe(RotationStatus::Optimal)
        ->and([$rotation->length(), $rotation->bound()])->toBe([(int) $row['length'], (int) $row['length']])
        ->and(implode(' ', [$rotation->bottleneckPerson(), ...$rotation->bottleneckStations()]))->toContain($row['bottleneck'])
        ->and((string) $rotation->bottleneckLength())->toBe($row['by itself']);
})->with(CaseTable::of('rotations', 'case'));

it('breaks no rule, whatever the class', function (int $seed): void {
    $class = Classroom::made($seed, 6, 4, 5);
    $rotation = $class->rotation(2.0);
    expect(RotationCheck::faults($class, $rotation))->toBe([])
        ->and($rotation->bound())->toBeLessThanOrEqual($rotation->length())
        ->and($rotation->bottleneckLength())->toBeLessThanOrEqual($rotation->bound())
        ->and($rotation->status())->toBe($rotation->bound() === $rotation->length() ? RotationStatus::Optimal : RotationStatus::Feasible);
})->with(range(101, 112));

it('takes as many rounds as the busiest has, where all take as long', function (int $seed): void {
    $class = Classroom::of(
        implode(' ', array_map(static fn(int $n): string => 'p' . $n, range(1, 5 + $seed % 6))),
        's1 s2*2 s3 s4*3',
        implode(';', array_map(static fn(int $n): string => 'e' . $n . ' 20 @ s' . (1 + ($n * $seed) % 4) . ($n % 3 === 0 ? ' for p1 p2 p3' : ''), range(1, 3 + $seed % 4))),
    );
    $work = $class->work();
    $rotation = $class->rotation();
    $degree = max(array_map(count(...), $work->ofPerson));
    foreach ($work->places as $station => $places) {
        $degree = max($degree, (int) ceil(count(array_filter($work->turns, static fn(object $turn): bool => $turn->stations === [$station])) / $places));
    }
    expect(Rounds::isOne($work))->toBeTrue()
        ->and(RotationCheck::faults($class, $rotation))->toBe([])
        ->and($rotation->length())->toBe(20 * $degree)
        ->and($rotation->status())->toBe(RotationStatus::Optimal);
})->with(range(1, 12));

it('comes within a twentieth of what is certain for a class of twelve at six exercises', function (int $seed): void {
    $class = Classroom::made($seed, 12, 6, 10);
    $rotation = $class->rotation(20.0);
    expect(RotationCheck::faults($class, $rotation))->toBe([])
        ->and($rotation->length())->toBeLessThanOrEqual(1.05 * $rotation->bound());
})->with([202, 205, 206, 211]);

it('shares the rounds out over the stations that may be taken', function (): void {
    $class = Classroom::of('a b c d e f', 'press spare bench*2', 'lug 30 @ press spare; cut 30 @ bench; strip 30 @ bench');
    expect($class->rotation()->length())->toBe(180)
        ->and($class->rotation()->bottleneckStations())->toBe(['bench'])
        ->and(RotationCheck::faults($class, $class->rotation()))->toBe([]);
});

it('knows the bottleneck and a rotation also where there is no time at all', function (): void {
    $class = Classroom::made(4, 6, 4, 4);
    $rotation = $class->rotation(0.000_001);
    expect(RotationCheck::faults($class, $rotation))->toBe([])
        ->and($rotation->bound())->toBe($rotation->bottleneckLength())
        ->and($class->rotation()->bound())->toBeGreaterThan($rotation->bound());
});

it('is the same each time it is asked', function (): void {
    $class = Classroom::made(7, 5, 4, 4);
    expect($class->rotation()->course->slots)->toEqual($class->rotation()->course->slots);
});

it('says who waits, how busy a station is, and what one place more is worth', function (): void {
    // Three at one press: the last one waits for two.
    $rotation = Classroom::of('a b c', 'press desk*3', 'lug 30 @ press; read 20 @ desk', '08:45 15')->rotation(10.0, ['press', 'desk']);
    expect($rotation->length())->toBe(120)
        ->and($rotation->bottleneckStations())->toBe(['press'])
        ->and($rotation->course->busy('press'))->toBe(90)
        // 120 minutes less the break of 15.
        ->and($rotation->course->share($rotation->stations[0]))->toBe(90 / 105)
        ->and($rotation->course->share($rotation->stations[1]))->toBe(60 / 315)
        ->and($rotation->worth)->toEqual([new OneMore('press', 90, 90), new OneMore('desk', 120, 120)]);
    foreach (['a', 'b', 'c'] as $person) {
        $ends = array_map(static fn(Slot $slot): int => $slot->to, $rotation->course->of($person));
        expect($rotation->course->end($person))->toBe(max($ends))
            ->and($rotation->course->idle($person))->toBe(max($ends) - 50 - (max($ends) > 45 ? 15 : 0));
    }
});

it('tells slots by when they begin, then by the people of the class', function (): void {
    $slots = Classroom::of('b a', 'one two', 'x 10 @ one two')->rotation()->course->slots;
    expect(array_map(static fn(Slot $slot): array => [$slot->person, $slot->from, $slot->to], $slots))->toBe([['b', 0, 10], ['a', 0, 10]]);
});

it('has people done as soon as can be, once the whole is as short as can be', function (): void {
    // Of the two presses each serves two of the four; who has been there is done, and does not wait for the last.
    $rotation = Classroom::of('a b c d', 'press press2', 'lug 30 @ press press2; tug 10 @ press press2 after lug')->rotation();
    expect($rotation->length())->toBe(80)
        ->and(array_sum(array_map($rotation->course->end(...), ['a', 'b', 'c', 'd'])))->toBe(240);
});

it('names who would have to go round in a ring, and at which exercise', function (): void {
    $class = Classroom::of('a b', 'bench', 'cut 10 @ bench after crimp for b; strip 10 @ bench after cut; crimp 10 @ bench after strip');
    $rotation = $class->rotation();
    expect($rotation->status())->toBe(RotationStatus::Impossible)
        ->and([$rotation->ring?->person, $rotation->ring?->exercises])->toBe(['b', ['cut', 'crimp', 'strip']])
        ->and([$rotation->length(), $rotation->bound(), $rotation->course->slots, $rotation->bottleneckLength()])->toBe([null, null, [], null])
        ->and($rotation->isInTime())->toBeFalse();
    // Who does not do what closes the ring goes straight through.
    expect(Classroom::of('a', 'bench', 'cut 10 @ bench after crimp for b; strip 10 @ bench after cut; crimp 10 @ bench after strip')->rotation()->length())->toBe(20);
});

it('knows whether it is done when it is to be', function (string $until, bool $isInTime): void {
    expect(Classroom::of('a b', 'press', 'lug 30 @ press', until: $until)->rotation()->isInTime())->toBe($isInTime);
})->with([['09:00', true], ['08:59', false], ['12:00', true]]);

it('has nothing to do where nobody comes, or for whom there is nothing', function (): void {
    $nobody = Classroom::of('', 'press', 'lug 30 @ press')->rotation();
    expect([$nobody->length(), $nobody->status(), $nobody->bottleneckLength(), $nobody->course->share($nobody->stations[0])])->toBe([0, RotationStatus::Optimal, null, 0.0]);
    $idle = Classroom::of('a b', 'press', 'lug 30 @ press for b')->rotation();
    expect([$idle->course->end('a'), $idle->course->idle('a'), $idle->length()])->toBe([0, 0, 30]);
});

it('refuses what no class can be', function (Closure $made, string $field, ?string $value): void {
    try {
        $made();
        $this->fail('it was taken');
    } catch (Invalid $refused) {
        expect([$refused->field, $refused->value])->toBe([$field, $value]);
    }
})->with([
    'a person twice' => [static fn(): Classroom => Classroom::of('a b a', 'press', 'lug 30 @ press'), 'people/2', 'a'],
    'a station twice' => [static fn(): Classroom => Classroom::of('a', 'press press', 'lug 30 @ press'), 'stations/1', 'press'],
    'an exercise twice' => [static fn(): Classroom => Classroom::of('a', 'press', 'lug 30 @ press; lug 20 @ press'), 'exercises/1', 'lug'],
    'an exercise nowhere' => [static fn(): Classroom => Classroom::of('a', 'press', 'lug 30 @ '), 'stations', null],
    'an exercise after itself' => [static fn(): Classroom => Classroom::of('a', 'press', 'lug 30 @ press after lug'), 'after/0', 'lug'],
    'one for the same person twice' => [static fn(): Classroom => Classroom::of('a', 'press', 'lug 30 @ press for a a'), 'people/1', 'a'],
    'the end before the start' => [static fn(): Classroom => Classroom::of('a', 'press', 'lug 30 @ press', until: '08:00'), 'until', '08:00'],
    'kept apart from who does not come' => [static fn(): Classroom => Classroom::of('a b', 'press', 'lug 30 @ press', apart: 'a-c'), 'apart/0/1', 'c'],
    'kept apart from himself' => [static fn(): Apart => Apart::read(['a', 'a']), '', 'a'],
    'one alone kept apart' => [static fn(): Apart => Apart::read(['a']), '', null],
    'no time of day' => [static fn(): Clock => Clock::read('24:00'), '', '24:00'],
    'a time without its minutes' => [static fn(): Clock => Clock::read('8:00'), '', '8:00'],
]);

it('reads a clock, and shows it', function (): void {
    expect([Clock::read('08:30')->minutes, Clock::at(8 * 60 + 5)->plain(), Clock::at(25 * 60)->plain()])->toBe([510, '08:05', '01:00']);
});
