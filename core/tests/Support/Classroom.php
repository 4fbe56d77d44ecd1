<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Rotation\ClassWork;
use Gondrik\Core\Rotation\Course;
use Gondrik\Core\Rotation\Rotation;
use Gondrik\Core\Training\Apart;
use Gondrik\Core\Training\Appointment;
use Gondrik\Core\Training\Away;
use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Pause;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Training\Station;
use Gondrik\Core\Value\Clock;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A class in a few words. People "a b c"; stations "press bench*4", with so many people at a time; exercises "cut 20 @ bench; lug 30 @ press
 * after cut for a b"; breaks "10:00 15, 12:00 45"; kept apart "a-b, a-c". A timetable that is kept "a cut bench 0; b cut bench 20", away
 * "a 08:10 09:00, b 08:30, c - 09:00": from and until, of which the second may be missing.
 */
final readonly class Classroom
{
    /**
     * @param list<Station>  $stations
     * @param list<Exercise> $exercises
     */
    private function __construct(public Session $session, public array $stations, public array $exercises) {}

    public static function of(string $people, string $stations, string $exercises, string $breaks = '', string $apart = '', int $slot = 5, ?string $until = null): self
    {
        $places = array_map(static fn(string $word): Station => new Station(strtok($word, '*'), $word, capacity: (int) (explode('*', $word)[1] ?? 1)), self::words($stations, ' '));
        $all = array_map(static function (string $text): Exercise {
            preg_match('~^(\S+) (\d+) @(?: (.*?))?(?: after (.*?))?(?: for (.*))?$~', $text, $of);

            return new Exercise($of[1], $of[1], (int) $of[2], self::words($of[3] ?? '', ' '), isset($of[5]) ? self::words($of[5], ' ') : null, self::words($of[4] ?? '', ' '));
        }, self::words($exercises, ';'));

        return new self(new Session(
            'class',
            'Class',
            self::words($people, ' '),
            array_column($places, 'id'),
            array_column($all, 'id'),
            null,
            null,
            $until === null ? null : Clock::read($until),
            $slot,
            array_map(static fn(string $break): Pause => new Pause(Clock::read(explode(' ', $break)[0]), (int) explode(' ', $break)[1]), self::words($breaks, ',')),
            array_map(static fn(string $pair): Apart => Apart::read(explode('-', $pair)), self::words($apart, ',')),
        ), $places, $all);
    }

    /** A made-up class, each time the same for its number. */
    public static function made(int $seed, int $people, int $exercises, int $stations, int $longest = 9): self
    {
        $random = new Randomizer(new Mt19937($seed));
        $one = static fn(int $of): bool => $random->getInt(1, $of) === 1;
        $names = static fn(string $letter, int $many): array => array_map(static fn(int $n): string => $letter . $n, range(1, $many));
        $all = [];
        foreach ($names('e', $exercises) as $index => $name) {
            $at = $random->pickArrayKeys($names('s', $stations), $random->getInt(1, min(3, $stations)));
            $after = array_filter($names('e', $exercises), static fn(string $other, int $place): bool => $place < $index && $one(6), ARRAY_FILTER_USE_BOTH);
            $for = $one(4) ? array_filter($names('p', $people), static fn(): bool => !$one(3)) : [];
            $all[] = $name . ' ' . 5 * $random->getInt(1, $longest) . ' @ ' . implode(' ', array_map(static fn(int $key): string => 's' . ($key + 1), $at))
                . ($after === [] ? '' : ' after ' . implode(' ', $after)) . ($for === [] ? '' : ' for ' . implode(' ', $for));
        }

        return self::of(
            implode(' ', $names('p', $people)),
            implode(' ', array_map(static fn(string $name): string => $name . ($one(4) ? '*2' : ''), $names('s', $stations))),
            implode(';', $all),
            $one(2) ? '08:30 10, 09:15 12' : '',
            $one(2) ? 'p1-p2' : '',
        );
    }

    /** The same with a timetable that is kept, and with people who are away. */
    public function keeping(string $timetable, string $away = ''): self
    {
        $session = get_object_vars($this->session);
        $session['timetable'] = array_map(static function (string $text): Appointment {
            [$person, $exercise, $station, $from] = explode(' ', $text);

            return new Appointment($person, $exercise, $station, (int) $from);
        }, self::words($timetable, ';'));
        $session['away'] = array_map(static function (string $text): Away {
            [$person, $from, $until] = [...explode(' ', $text), null, null];

            return new Away($person, $from === null || $from === '-' ? null : Clock::read($from), $until === null ? null : Clock::read($until));
        }, self::words($away, ','));

        return new self(new Session(...$session), $this->stations, $this->exercises);
    }

    public function kept(): Course
    {
        return Course::kept($this->session, $this->exercises);
    }

    public function work(): ClassWork
    {
        return ClassWork::of($this->session, $this->stations, $this->exercises);
    }

    /** @param list<string> $more */
    public function rotation(float $seconds = 10.0, array $more = [], ?int $now = null): Rotation
    {
        return Rotation::of($this->session, $this->stations, $this->exercises, $seconds, $more, $now);
    }

    /**
     * @param non-empty-string $between
     *
     * @return list<string>
     */
    private static function words(string $text, string $between): array
    {
        return array_values(array_filter(array_map(trim(...), explode($between, $text)), static fn(string $word): bool => $word !== ''));
    }
}
