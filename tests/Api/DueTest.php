<?php

declare(strict_types=1);

use App\Models\Role;
use Gondrik\Core\Value\Day;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Property\ICalendar\Date;
use Sabre\VObject\Reader;
use Tests\Support\OpenApi;

/* What is to be done to things, on the wall, on paper and in calendars elsewhere. The demo's TQ-03 lapses six days from now. */

beforeEach(fn() => $this->travelTo($this->demoDay() . ' 12:00:00'));

const SUMMARIES = 'SUMMARY';

function calendarAt(object $test, string $address): VCalendar
{
    $answer = $test->get($address)->assertOk();
    $calendar = Reader::read((string) $answer->getContent());
    assert($calendar instanceof VCalendar);
    expect($answer->headers->get('Content-Type'))->toBe('text/calendar; charset=utf-8')
        // Whoever takes it in elsewhere goes by RFC 5545.
        ->and($calendar->validate())->toBe([]);

    return $calendar;
}

it('tells on the wall what is past and what is due within 90 days, by weeks', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $wall = $this->getJson('/api/v1/wall');
    $today = Day::read(now()->toDateString());
    $dues = $wall->json('dues');
    $lapsing = collect($dues)->firstWhere('tag', 'TQ-03');
    expect(OpenApi::mismatch($wall, 'get', '/wall'))->toBe('')
        ->and($wall->json('duesTo'))->toBe($today->plus(90)->plain())
        ->and($lapsing)->toBe(['tag' => 'TQ-03', 'kind' => 'verification', 'on' => $today->plus(6)->plain(), 'week' => $today->plus(6)->monday()->plain(), 'code' => null])
        ->and(array_filter($dues, static fn(array $due): bool => $due['on'] !== null && $due['on'] > $today->plus(90)->plain()))->toBe([])
        // What is told of a thing by itself is told of it here, too.
        ->and(array_column(array_filter($dues, static fn(array $due): bool => $due['code'] !== null), 'tag'))
        ->toEqualCanonicalizing(collect($wall->json('things'))->where('condition', '!=', 'retired')->where('sign', '!=', 'not-yet')->flatMap(static fn(array $thing): array => array_fill(0, count(array_filter($thing['dues'], static fn(array $due): bool => $due['code'] !== null)), $thing['tag']))->all());
});

it('prints what is due by week, to be ticked off, for whoever goes round', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $week = Day::read(now()->toDateString())->plus(6)->monday()->plain();
    $text = pdfText((string) $this->get('/api/v1/dues.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
    $lapsing = collect(explode("\n", $text))->first(static fn(string $line): bool => str_contains($line, 'TQ-03'));
    expect($lapsing)->toContain('verification', Day::read(now()->toDateString())->plus(6)->plain())
        ->and($text)->toContain('Week of Monday, ' . $week, 'Past', 'Certificate');
});

it('gives dates, tags, models and whose sign-off lapses to whoever knows the secret address, until it is renewed or taken back', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    expect($this->getJson('/api/v1/feed')->json('since'))->toBeNull();
    $made = $this->postJson('/api/v1/feed')->assertCreated();
    $state = $this->getJson('/api/v1/feed');
    expect(OpenApi::mismatch($made, 'post', '/feed'))->toBe('')
        ->and(OpenApi::mismatch($state, 'get', '/feed'))->toBe('')
        ->and($state->json('since'))->toStartWith($this->demoDay()->plain());
    $address = $made->json('address');
    $year = $this->demoDay()->plus(365)->plain();
    $wanted = array_filter($this->getJson('/api/v1/skills')->json('people'), static fn(array $person): bool => array_filter($person['skills'], static fn(array $skill): bool => $skill['until'] !== null && $skill['until'] <= $year) !== []);
    $this->app['auth']->forgetGuards();
    $calendar = calendarAt($this, $address);
    $event = collect($calendar->select('VEVENT'))->first(static fn($event): bool => (string) $event->{SUMMARIES} === 'TQ-03: verification');
    assert($event->DTSTART instanceof Date);
    expect([(string) $event->DTSTART, (string) $event->DTSTART['VALUE'], (string) $event->DESCRIPTION])->toBe([str_replace('-', '', $this->demoDay()->plus(6)->plain()), 'DATE', 'Torque screwdriver 0.4–2.5 N·m'])
        // A whole day ends where the next begins.
        ->and((string) $event->DTEND)->toBe(str_replace('-', '', $this->demoDay()->plus(7)->plain()))
        // Nothing costs, and nothing is said of where it is.
        ->and(array_diff(array_unique(array_map(static fn($property): string => $property->name, [...$event->children()])), ['UID', 'DTSTAMP', 'SUMMARY', 'DESCRIPTION', 'TRANSP', 'DTSTART', 'DTEND']))->toBe([]);
    // Whose sign-off lapses is told with the last day of it, and who is ready for the first has no day.
    $people = collect($calendar->select('VEVENT'))->filter(static fn($event): bool => (string) $event->DESCRIPTION === 'The sign-off lapses');
    expect($people->map(static fn($event): string => explode(':', (string) $event->{SUMMARIES})[0])->unique()->values()->all())->toEqualCanonicalizing(array_column($wanted, 'name'));
    $ids = array_map(static fn($event): string => (string) $event->UID, $calendar->select('VEVENT'));
    expect(count(array_unique($ids)))->toBe(count($ids))->toBeGreaterThan(5);

    $this->insteadActingAs(personOf($this->demo(), Role::Lead));
    $next = $this->postJson('/api/v1/feed')->json('address');
    expect($next)->not->toBe($address);
    $this->get($address)->assertNotFound();
    calendarAt($this, $next);
    $this->deleteJson('/api/v1/feed')->assertNoContent();
    $this->get($next)->assertNotFound();
    expect($this->getJson('/api/v1/feed')->json('since'))->toBeNull();
});

it('keeps of the secret address only what proves it', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $address = $this->postJson('/api/v1/feed')->json('address');
    preg_match('~/feeds/(\w{40})\.ics$~', $address, $of);
    $row = json_encode($this->demo()->refresh()->getAttributes());
    expect($row)->not->toContain($of[1])->toContain(hash('sha256', $of[1]));
});

it('lets nobody try addresses without end', function (): void {
    config(['gondrik.feeds_per_minute' => 3]);
    $address = '/api/v1/feeds/' . str_repeat('a', 40) . '.ics';
    expect(array_map(fn(): int => $this->get($address)->status(), range(1, 4)))->toBe([404, 404, 404, 429]);
});

it('tells on the wall how long a model has lasted, and what the trade says of its kind', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $models = $this->getJson('/api/v1/wall')->json('models');
    expect($models['self-adjusting']['lasting']['practice'])->toContain('about three years')
        ->and($models['self-adjusting']['lasting']['worn'])->not->toBe([])
        ->and($models['torque-small']['lasting']['practice'])->toBeNull();
});
