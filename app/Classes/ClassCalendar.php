<?php

declare(strict_types=1);

namespace App\Classes;

use App\Models\Shop;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Value\Clock;
use Gondrik\Core\Value\Day;
use Sabre\VObject\Component\VCalendar;

/** The timetable of a class as a calendar (RFC 5545), for all or for one person or station; times by whatever clock hangs there. */
final readonly class ClassCalendar
{
    /**
     * @param string|null $of id of a person or a station; null for all
     */
    public static function text(Shop $shop, AskedClass $class, Day $on, ?string $of): string
    {
        $session = $class->session;
        $people = array_column($class->workbook->register->people, 'name', 'id');
        $stations = array_column($class->workbook->register->stations, 'name', 'id');
        $exercises = array_column($class->workbook->register->exercises, 'name', 'id');
        $calendar = new VCalendar(['PRODID' => '-//Gondrik//Classes//EN', 'X-WR-CALNAME' => $session->name . ($of === null ? '' : ': ' . ($people[$of] ?? $stations[$of] ?? ''))]);
        foreach ($class->course()->slots as $slot) {
            if ($of === null || $slot->person === $of || $slot->station === $of) {
                $event = $calendar->createComponent('VEVENT', [
                    'UID' => implode('-', [$shop->id, $session->id, $slot->person, $slot->exercise]) . '@gondrik',
                    'SUMMARY' => ($of === $slot->person ? '' : $people[$slot->person] . ': ') . $exercises[$slot->exercise],
                    'LOCATION' => $stations[$slot->station],
                    'DESCRIPTION' => $session->name,
                ]);
                $event->add('DTSTART', self::at($session, $on, $slot->from));
                $event->add('DTEND', self::at($session, $on, $slot->to));
                $calendar->add($event);
            }
        }

        return $calendar->serialize();
    }

    /** As an hour of that day that is the same everywhere: floating, in the words of RFC 5545. */
    private static function at(Session $session, Day $on, int $minutes): string
    {
        $all = $session->begins()->minutes + $minutes;

        return str_replace('-', '', $on->plus(intdiv($all, 1440))->plain()) . 'T' . str_replace(':', '', Clock::at($all)->plain()) . '00';
    }
}
