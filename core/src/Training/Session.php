<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

use Gondrik\Core\Value\Clock;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** One day of a class: who comes, at which stations, to do what. */
final readonly class Session
{
    public const START = '08:00';

    /**
     * @param list<string>      $people    ids
     * @param list<string>      $stations  ids
     * @param list<string>      $exercises ids
     * @param int               $slot      minutes of which all times are whole multiples, from the start
     * @param list<Pause>       $breaks
     * @param list<Apart>       $apart
     * @param list<Away>        $away      each person once
     * @param list<Appointment> $timetable that is kept, by hand or as it was reckoned; nobody at one exercise twice
     *
     * @throws Invalid when something stands twice in a list, it ends before it begins, or somebody or something is spoken of that is not of this class
     */
    public function __construct(
        public string $id,
        public string $name,
        #[ListOf('string')]
        public array $people,
        #[ListOf('string')]
        public array $stations,
        #[ListOf('string')]
        public array $exercises,
        /** Null where it is not said, or more than once. */
        public ?Day $on = null,
        /** Null: at 08:00. */
        public ?Clock $start = null,
        /** By then all is to be done. */
        public ?Clock $until = null,
        public int $slot = 5,
        #[ListOf(Pause::class)]
        public array $breaks = [],
        #[ListOf(Apart::class)]
        public array $apart = [],
        #[ListOf(Away::class)]
        public array $away = [],
        #[ListOf(Appointment::class)]
        public array $timetable = [],
        public ?string $note = null,
    ) {
        Once::check('people', $people, 'each person once');
        Once::check('stations', $stations, 'each station once');
        Once::check('exercises', $exercises, 'each exercise once');
        if ($until !== null && $until->minutes <= $this->begins()->minutes) {
            throw Invalid::at('until', $until->plain(), 'a time after the start, ' . $this->begins());
        }
        foreach ($apart as $index => $pair) {
            foreach ($pair->plain() as $at => $person) {
                $this->refuseStranger('apart/' . $index . '/' . $at, $person, $people, 'people');
            }
        }
        Once::check('away', array_column($away, 'person'), 'each person once');
        foreach ($away as $index => $one) {
            $this->refuseStranger('away/' . $index . '/person', $one->person, $people, 'people');
        }
        $known = [];
        foreach ($timetable as $index => $at) {
            $path = 'timetable/' . $index . '/';
            $this->refuseStranger($path . 'person', $at->person, $people, 'people');
            $this->refuseStranger($path . 'exercise', $at->exercise, $exercises, 'exercises');
            $this->refuseStranger($path . 'station', $at->station, $stations, 'stations');
            if (isset($known[$at->person][$at->exercise])) {
                throw Invalid::at($path . 'exercise', $at->exercise, 'each exercise of a person once');
            }
            $known[$at->person][$at->exercise] = true;
        }
    }

    /**
     * @param list<string> $known
     *
     * @throws Invalid
     */
    private function refuseStranger(string $path, string $id, array $known, string $what): void
    {
        if (!in_array($id, $known, true)) {
            throw Invalid::at($path, $id, 'one of the ' . $what . ' of this class');
        }
    }

    /** Minutes of this session that something takes: whole slots. */
    public function rounded(int $minutes): int
    {
        return $this->slot * intdiv($minutes + $this->slot - 1, $this->slot);
    }

    /**
     * The breaks, with every slot that they touch, in minutes from the start; what lies before it is of no account.
     *
     * @return list<array{int, int}> from and to
     */
    public function pauses(): array
    {
        $pauses = [];
        foreach ($this->breaks as $break) {
            $from = $break->from->minutes - $this->begins()->minutes;
            $to = $this->rounded(max(0, $from + $break->minutes));
            if ($to > 0) {
                $pauses[] = [max(0, $this->slot * (int) floor($from / $this->slot)), $to];
            }
        }

        return $pauses;
    }

    /** When a person is away; null for who is there all the time. */
    public function awayOf(string $person): ?Away
    {
        return array_column($this->away, null, 'person')[$person] ?? null;
    }

    public function begins(): Clock
    {
        return $this->start ?? Clock::read(self::START);
    }

    /** Minutes from its start until all is to be done; null where nothing says. */
    public function lasts(): ?int
    {
        return $this->until === null ? null : $this->until->minutes - $this->begins()->minutes;
    }
}
