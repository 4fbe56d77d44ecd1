<?php

declare(strict_types=1);

use App\Models\Role;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Support\OpenApi;

/* How a class goes: as it is drawn, as short as can be, and as it is handed out. */

/** @return array<string, mixed> the demo's class as it is kept, without its version */
function firstDay(object $test): array
{
    return array_diff_key($test->getJson('/api/v1/sessions/first-day')->assertOk()->json(), ['version' => 0]);
}

it('tells of a timetable that is drawn what is wrong with it, and writes nothing', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $class = firstDay($this);
    $before = $this->getJson('/api/v1/sessions/first-day')->json('version');
    $sound = $this->postJson('/api/v1/trials/sessions', $class)->assertOk();
    expect(OpenApi::mismatch($sound, 'post', '/trials/sessions'))->toBe('')
        ->and([$sound->json('length'), $sound->json('conflicts'), $sound->json('undone'), count($sound->json('slots'))])->toBe([240, [], [], 72]);
    $class['timetable'] = array_values(array_filter($class['timetable'], static fn(array $at): bool => $at['person'] !== 'jaro-fint' || $at['exercise'] !== 'judge'));
    $gauges = array_keys(array_filter($class['timetable'], static fn(array $at): bool => $at['exercise'] === 'pull'));
    $class['timetable'][$gauges[1]]['from'] = $class['timetable'][$gauges[0]]['from'];
    $wrong = $this->postJson('/api/v1/trials/sessions', $class)->assertOk();
    expect(array_column($wrong->json('conflicts'), 'code'))->toContain('station.full')
        ->and($wrong->json('undone'))->toBe([['person' => 'jaro-fint', 'exercise' => 'judge', 'gone' => false]])
        ->and(OpenApi::mismatch($wrong, 'post', '/trials/sessions'))->toBe('')
        ->and($this->getJson('/api/v1/sessions/first-day')->json('version'))->toBe($before);
});

it('makes the shortest timetable of a class that has no name yet, says what makes it last, and what a third press is worth', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $class = array_diff_key(firstDay($this), ['id' => 0, 'name' => 0, 'timetable' => 0]);
    $rotation = $this->postJson('/api/v1/trials/sessions/rotation', $class)->assertOk();
    expect(OpenApi::mismatch($rotation, 'post', '/trials/sessions/rotation'))->toBe('')
        ->and([$rotation->json('status'), $rotation->json('length'), $rotation->json('bound'), $rotation->json('inTime')])->toBe(['optimal', 240, 240, true])
        ->and($rotation->json('bottleneck.stations'))->toBe(['press-1', 'press-2'])
        ->and($rotation->json('course.conflicts'))->toBe([]);
    $worth = $this->postJson('/api/v1/trials/sessions/worth?more=press-1,nowhere', $class)->assertOk();
    expect(OpenApi::mismatch($worth, 'post', '/trials/sessions/worth'))->toBe('')
        ->and($worth->json('worth'))->toBe([['station' => 'press-1', 'length' => 210, 'bound' => 210]]);
});

it('plans anew from a time on, and leaves what has begun', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $class = firstDay($this);
    $class['away'] = [['person' => 'jaro-fint', 'until' => '09:00'], ['person' => 'tilo-brandvik', 'from' => '08:40']];
    $anew = $this->postJson('/api/v1/trials/sessions/rotation?now=40', $class)->assertOk();
    $begun = array_values(array_filter($class['timetable'], static fn(array $at): bool => $at['from'] < 40 && !in_array($at['person'], ['jaro-fint', 'tilo-brandvik'], true)));
    $slots = array_map(static fn(array $slot): array => array_diff_key($slot, ['to' => 0]), $anew->json('course.slots'));
    expect($begun)->not->toBe([])
        ->and(array_filter($begun, static fn(array $at): bool => !in_array($at, $slots, true)))->toBe([])
        ->and(array_filter($slots, static fn(array $slot): bool => $slot['person'] === 'jaro-fint' && $slot['from'] < 60))->toBe([])
        ->and($anew->json('course.conflicts'))->toBe([])
        ->and(array_unique(array_column($anew->json('course.undone'), 'person')))->toBe(['tilo-brandvik']);
});

it('says why there is none where somebody would have to go round in a ring', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    foreach (['zz-a' => [], 'zz-b' => ['zz-a']] as $id => $after) {
        $this->postJson('/api/v1/exercises', ['id' => $id, 'name' => 'Exercise ' . $id, 'minutes' => 10, 'stations' => ['places'], 'after' => $after])->assertCreated();
    }
    $seen = $this->getJson('/api/v1/exercises/zz-a')->json();
    $this->putJson('/api/v1/exercises/zz-a', [...array_diff_key($seen, ['version' => 0]), 'after' => ['zz-b']], ['If-Match' => '"' . $seen['version'] . '"'])->assertOk();
    $rotation = $this->postJson('/api/v1/trials/sessions/rotation', ['people' => ['jaro-fint'], 'stations' => ['places'], 'exercises' => ['zz-a', 'zz-b']])->assertOk();
    expect(OpenApi::mismatch($rotation, 'post', '/trials/sessions/rotation'))->toBe('')
        ->and([$rotation->json('status'), $rotation->json('course'), $rotation->json('length')])->toBe(['impossible', null, null])
        ->and($rotation->json('reason'))->toContain('“Exercise zz-a” comes after “Exercise zz-b”');
    expect($this->postJson('/api/v1/trials/sessions/worth?more=places', ['people' => ['jaro-fint'], 'stations' => ['places'], 'exercises' => ['zz-a', 'zz-b']])->json('worth'))->toBe([]);
});

it('names what is wrong with what is asked', function (string $query, array $change, string $path, string $told): void {
    $this->actingAs($this->lead($this->demo()));
    $refused = $this->postJson('/api/v1/trials/sessions/rotation' . $query, [...firstDay($this), ...$change])->assertUnprocessable();
    expect([$refused->json('problems.0.path'), $refused->json('problems.0.expected')])->toBe([$path, $told]);
})->with([
    'a time before the start' => ['?now=-5', [], 'now', 'The now field must be at least 0.'],
    'somebody who is not of the class' => ['', ['timetable' => [['person' => 'sanna-quist', 'exercise' => 'judge', 'station' => 'look-table', 'from' => 0]]], 'session/timetable/0/person', 'one of the people of this class'],
    'twice at one exercise' => ['', ['timetable' => array_fill(0, 2, ['person' => 'jaro-fint', 'exercise' => 'judge', 'station' => 'look-table', 'from' => 0])], 'session/timetable/1/exercise', 'each exercise of a person once'],
    'before the start' => ['', ['timetable' => [['person' => 'jaro-fint', 'exercise' => 'judge', 'station' => 'look-table', 'from' => -5]]], 'session/timetable/0/from', 'must be at least 0'],
    'back before away' => ['', ['away' => [['person' => 'jaro-fint', 'from' => '10:00', 'until' => '09:00']]], 'session/away/0/until', 'a time after 10:00, from which on it is'],
    'away twice' => ['', ['away' => array_fill(0, 2, ['person' => 'jaro-fint'])], 'session/away/1', 'each person once'],
]);

it('hands out a sheet for each person and each station', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $people = pdfText($this->get('/api/v1/sessions/first-day/sheets.pdf')->assertOk()->getContent());
    $stations = pdfText($this->get('/api/v1/sessions/first-day/sheets.pdf?sheets=stations')->assertOk()->getContent());
    $class = firstDay($this);
    $first = array_values(array_filter($class['timetable'], static fn(array $at): bool => $at['person'] === 'jaro-fint'))[0];
    expect($people)->toContain('Jaro Fint')->toContain('First day at the terminals')->toContain('Done at')->toContain('Break')->toContain('Eye protection')
        ->toContain(sprintf('%02d:%02d–', 8 + intdiv($first['from'], 60), $first['from'] % 60))
        ->and(substr_count($people, 'Local codes'))->toBe(12)
        ->and($stations)->toContain('Jaro Fint')->toContain('In use for')
        ->and(substr_count($stations, 'Local codes'))->toBe(5);
});

it('gives the timetable out as a calendar, of all or of one', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $class = firstDay($this);
    $read = function (string $query): array {
        $calendar = Reader::read((string) $this->get('/api/v1/sessions/first-day/calendar.ics' . $query)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent());
        assert($calendar instanceof VCalendar);

        return [$calendar, ...$calendar->select('VEVENT')];
    };
    [$all, $first] = $read('');
    $at = $class['timetable'][0];
    expect($all->validate())->toBe([])
        ->and($all->select('VEVENT'))->toHaveCount(72)
        ->and((string) $first->DTSTART)->toBe(str_replace('-', '', $class['on']) . 'T' . sprintf('%02d%02d00', 8 + intdiv($at['from'], 60), $at['from'] % 60))
        ->and((string) $first->SUMMARY)->toContain(': ');
    [$one, $his] = $read('?of=jaro-fint&on=2027-01-11');
    expect($one->select('VEVENT'))->toHaveCount(6)
        ->and((string) $one->{'X-WR-CALNAME'})->toBe('First day at the terminals: Jaro Fint')
        ->and((string) $his->DTSTART)->toStartWith('20270111T')
        ->and((string) $his->SUMMARY)->not->toContain('Jaro');
    [$station] = $read('?of=pull-gauge');
    expect($station->select('VEVENT'))->toHaveCount(12);
    // Somebody of the shop who is not of this class, and so is nobody's calendar.
    $this->getJson('/api/v1/sessions/first-day/calendar.ics?of=sanna-quist')->assertNotFound();
});

it('hands nothing out that is not kept, and no calendar without a day', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $seen = $this->getJson('/api/v1/sessions/first-day')->json();
    $put = fn(array $class): string => $this->putJson('/api/v1/sessions/first-day', array_diff_key($class, ['version' => 0]), ['If-Match' => '"' . $class['version'] . '"'])->assertOk()->json('version');
    $version = $put(array_diff_key($seen, ['on' => 0]));
    expect($this->getJson('/api/v1/sessions/first-day/calendar.ics')->assertConflict()->json('detail'))->toContain('say on which day it is');
    $this->get('/api/v1/sessions/first-day/calendar.ics?on=2027-01-11')->assertOk();
    $put([...array_diff_key($seen, ['timetable' => 0]), 'version' => $version]);
    foreach (['sheets.pdf', 'calendar.ics'] as $file) {
        expect($this->getJson('/api/v1/sessions/first-day/' . $file)->assertConflict()->json('detail'))->toContain('keeps no timetable yet');
    }
    $this->getJson('/api/v1/sessions/nowhere/sheets.pdf')->assertNotFound();
});
