<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Shop;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Wording\Words;
use Illuminate\Support\Str;
use Sabre\VObject\Component\VCalendar;

/**
 * The dues of a shop as a calendar that others can take in (RFC 5545), under an address that is a secret: whoever knows it reads
 * dates, tags and models, and whose sign-off for what lapses when, and nothing else. The shop keeps only what proves the secret, so that nobody reads it from a copy of the
 * database; who has lost it makes another one.
 */
final readonly class DueFeed
{
    private const DAYS = 365;

    private const LETTERS = 40;

    /** What the address of a calendar has at its end. */
    public const KEY = '[A-Za-z0-9]{' . self::LETTERS . '}';

    public function __construct(private Dues $dues) {}

    /** @return string the new secret; the one before holds no longer */
    public function renew(Shop $shop): string
    {
        $key = Str::random(self::LETTERS);
        $this->keep($shop, $key);

        return $key;
    }

    public function takeBack(Shop $shop): void
    {
        $this->keep($shop, null);
    }

    public function shopOf(string $key): ?Shop
    {
        return Shop::query()->where('feed_proof', self::proof($key))->first();
    }

    public function text(Shop $shop, Day $today): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Gondrik//Dues//EN', 'X-WR-CALNAME' => 'Dues: ' . $shop->name, 'REFRESH-INTERVAL;VALUE=DURATION' => 'P1D']);
        foreach ($this->dues->of($shop, $today, self::DAYS) as $due) {
            if ($due->on !== null) {
                $asset = $due->thing->asset;
                $kind = $due->state->due->kind->value;
                self::add($calendar, [$shop->id, $asset->id, $kind], $asset->id . ': ' . $kind, $asset->tool->name, $due->on);
            }
        }
        foreach ($this->dues->signOffs($shop, $today, self::DAYS) as $wanted) {
            if ($wanted->on !== null) {
                self::add($calendar, [$shop->id, 'skill', $wanted->person->id, $wanted->skill->skill], $wanted->person->name . ': ' . Words::for('skill', $wanted->skill->skill), 'The sign-off lapses', $wanted->on);
            }
        }

        return $calendar->serialize();
    }

    /** @param list<int|string> $of what it is about, the same as long as it is */
    private static function add(VCalendar $calendar, array $of, string $summary, string $description, Day $on): void
    {
        $event = $calendar->createComponent('VEVENT', [
            'UID' => implode('-', $of) . '@gondrik',
            'SUMMARY' => $summary,
            'DESCRIPTION' => $description,
            'TRANSP' => 'TRANSPARENT',
        ]);
        $event->add('DTSTART', str_replace('-', '', $on->plain()), ['VALUE' => 'DATE']);
        $event->add('DTEND', str_replace('-', '', $on->plus(1)->plain()), ['VALUE' => 'DATE']);
        $calendar->add($event);
    }

    private function keep(Shop $shop, ?string $key): void
    {
        $shop->update(['feed_proof' => $key === null ? null : self::proof($key), 'feed_since' => $key === null ? null : now()]);
    }

    private static function proof(string $key): string
    {
        return hash('sha256', $key);
    }
}
