<?php

declare(strict_types=1);

/* gondrik rotation: the members that are laid down, the exits, and what is refused. */

/** @param array<string, mixed> $session over that of a class of two at one press */
function classFile(array $session = [], ?array $exercises = null): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'gondrik');
    file_put_contents($file, json_encode([
        'gondrik' => 1,
        'people' => [['id' => 'a', 'name' => 'Ada'], ['id' => 'b', 'name' => 'Bo']],
        'stations' => [['id' => 'press', 'name' => 'The press'], ['id' => 'desk', 'name' => 'The desk', 'capacity' => 2]],
        'exercises' => $exercises ?? [['id' => 'lug', 'name' => 'A lug', 'minutes' => 30, 'stations' => ['press']], ['id' => 'press', 'name' => 'Reading', 'minutes' => 10, 'stations' => ['desk'], 'after' => ['lug']]],
        'sessions' => [['id' => 'day', 'name' => 'Day', 'people' => ['a', 'b'], 'stations' => ['press', 'desk'], 'exercises' => ['lug', 'press'], ...$session]],
    ], JSON_THROW_ON_ERROR));

    return $file;
}

/** @param list<string> $options */
function rotationOf(string $file, array $options): array
{
    $said = gondrik(['rotation', $file, ...$options]);
    unlink($file);

    return [$said->getExitCode(), $said->getOutput(), $said->getErrorOutput()];
}

it('tells in JSON who is when where', function (): void {
    [$exit, $text, $errors] = rotationOf(classFile(), ['--session', 'day', '--more', 'press', '--format', 'json']);
    expect([$exit, $errors])->toBe([0, ''])
        ->and(json_decode($text, true))->toBe([
            'session' => 'day',
            'status' => 'optimal',
            'length' => 70,
            'bound' => 70,
            'slots' => [
                ['person' => 'a', 'exercise' => 'lug', 'station' => 'press', 'from' => 0, 'to' => 30],
                ['person' => 'a', 'exercise' => 'press', 'station' => 'desk', 'from' => 30, 'to' => 40],
                ['person' => 'b', 'exercise' => 'lug', 'station' => 'press', 'from' => 30, 'to' => 60],
                ['person' => 'b', 'exercise' => 'press', 'station' => 'desk', 'from' => 60, 'to' => 70],
            ],
            'people' => [['person' => 'a', 'end' => 40, 'idle' => 0], ['person' => 'b', 'end' => 70, 'idle' => 30]],
            'stations' => [['station' => 'press', 'busy' => 60, 'share' => 60 / 70], ['station' => 'desk', 'busy' => 20, 'share' => 20 / 140]],
            'bottleneck' => ['stations' => ['press'], 'length' => 70],
            'worth' => [['station' => 'press', 'length' => 40, 'bound' => 40]],
        ]);
});

it('tells it in words, by the names of each', function (): void {
    [$exit, $text] = rotationOf(classFile(['start' => '09:15', 'until' => '10:00']), ['--session', 'day', '--more', 'press']);
    expect($exit)->toBe(1)
        ->and(explode("\n", trim($text)))->toBe([
            'Day takes 70 minutes, from 09:15 to 10:25.',
            'There is no shorter one.',
            'It was to be done by 10:00.',
            'What makes it last: The press, 70 minutes by itself.',
            'With one more place at The press: 40 minutes.',
            'Ada: done at 09:55, waits 0 minutes',
            '  09:15–09:45 A lug (The press)',
            '  09:45–09:55 Reading (The desk)',
            'Bo: done at 10:25, waits 30 minutes',
            '  09:45–10:15 A lug (The press)',
            '  10:15–10:25 Reading (The desk)',
        ]);
});

it('names the ring, and whom it stops', function (): void {
    $ring = [['id' => 'lug', 'name' => 'A lug', 'minutes' => 30, 'stations' => ['press'], 'after' => ['press']], ['id' => 'press', 'name' => 'Reading', 'minutes' => 10, 'stations' => ['desk'], 'after' => ['lug']]];
    [$exit, $text] = rotationOf(classFile([], $ring), ['--session', 'day', '--format', 'json']);
    $told = json_decode($text, true);
    expect($exit)->toBe(1)
        ->and([$told['status'], $told['length'], $told['bound'], $told['slots'], $told['people'], $told['stations'], $told['bottleneck'], $told['worth']])->toBe(['impossible', null, null, [], [], [], null, []])
        ->and($told['reason'])->toBe(['code' => 'after.ring', 'person' => 'a', 'exercise' => 'lug', 'text' => 'Ada would have to go round in a ring: “A lug” comes after “Reading” comes after “A lug”.'])
        ->and(trim(rotationOf(classFile([], $ring), ['--session', 'day'])[1]))->toBe($told['reason']['text']);
});

it('refuses what is no valid question, by what it names', function (array $session, array $options, string $told): void {
    [$exit, $text, $errors] = rotationOf(classFile($session), $options);
    expect([$exit, $text])->toBe([2, ''])->and($errors)->toContain($told);
})->with([
    'no such session' => [[], ['--session', 'night'], '--session "night": no session of the workbook has this id; there are day'],
    'more of what is not there' => [[], ['--session', 'day', '--more', 'oven'], '--more "oven": no station of the session has this id; there are press, desk'],
    'no time at all' => [[], ['--session', 'day', '--time-limit', '0'], '--time-limit "0": must be a number of seconds above 0'],
    'an exercise without a station' => [['stations' => ['desk']], ['--session', 'day'], 'sessions/0/exercises/0'],
    'a person twice' => [['people' => ['a', 'a']], ['--session', 'day'], 'sessions/0/people/1'],
    'somebody whom nobody knows' => [['people' => ['a', 'z']], ['--session', 'day'], 'sessions/0/people/1'],
]);

it('goes on from a time, and leaves what the timetable that is kept has begun', function (): void {
    $kept = ['timetable' => [['person' => 'b', 'exercise' => 'lug', 'station' => 'press', 'from' => 0]], 'away' => [['person' => 'a', 'until' => '09:00']]];
    [$exit, $text] = rotationOf(classFile($kept), ['--session', 'day', '--now', '08:10', '--format', 'json']);
    $answer = json_decode($text, true);
    expect([$exit, $answer['status'], $answer['length'], $answer['bound']])->toBe([0, 'optimal', 100, 100])
        ->and(array_map(static fn(array $slot): string => $slot['person'] . ' ' . $slot['exercise'] . ' ' . $slot['from'], $answer['slots']))->toBe(['b lug 0', 'b press 30', 'a lug 60', 'a press 90']);
    // Without a time all of it is planned, whatever is kept.
    [, $text] = rotationOf(classFile(array_slice($kept, 0, 1)), ['--session', 'day', '--format', 'json']);
    expect(json_decode($text, true)['slots'][0])->toBe(['person' => 'a', 'exercise' => 'lug', 'station' => 'press', 'from' => 0, 'to' => 30]);
});

it('goes on from no time that is none of the class', function (string $now, string $told): void {
    [$exit, , $errors] = rotationOf(classFile(), ['--session', 'day', '--now', $now]);
    expect($exit)->toBe(2)->and($errors)->toContain($told);
})->with([
    'no time' => ['soon', '--now "soon": must be a time as hours and minutes'],
    'before the start' => ['07:55', '--now "07:55": must be a time from the start on, 08:00'],
]);
