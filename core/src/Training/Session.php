<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

use Gondrik\Core\Value\Clock;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** One day of a class: who comes, at which stations, to do what. */
final readonly class Session
{
    public const START = '08:00';

    /**
     * @param list<string> $people    ids
     * @param list<string> $stations  ids
     * @param list<string> $exercises ids
     * @param int          $slot      minutes of which all times are whole multiples, from the start
     * @param list<Pause>  $breaks
     * @param list<Apart>  $apart
     *
     * @throws Invalid when something stands twice in a list, it ends before it begins, or somebody is kept apart who does not come
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
        /** Null: at 08:00. */
        public ?Clock $start = null,
        /** By then all is to be done. */
        public ?Clock $until = null,
        public int $slot = 5,
        #[ListOf(Pause::class)]
        public array $breaks = [],
        #[ListOf(Apart::class)]
        public array $apart = [],
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
                if (!in_array($person, $people, true)) {
                    throw Invalid::at('apart/' . $index . '/' . $at, $person, 'one of the people of this class');
                }
            }
        }
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
