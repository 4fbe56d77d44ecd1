<?php

declare(strict_types=1);

namespace Gondrik\Core\Skill;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Log\SkillTold;
use Gondrik\Core\Value\Day;

/** A skill that the work asks for and that nobody who is there is signed off for, while some are away. */
final readonly class Absence
{
    private function __construct(
        public string $skill,
        /** The first day of the time asked about on which nobody is left. */
        public Day $from,
        /** The last such day in a row. */
        public Day $to,
        /** @var list<Person> those who are away and would have it on the first day; none where nobody has it anyhow */
        public array $missed,
    ) {}

    /**
     * @param list<Person> $people of the shop
     * @param list<Person> $away   of them, from the first day to the last
     * @param list<string> $needed skills
     *
     * @return list<self> in the order of the skills, of each in the order of days
     */
    public static function of(array $people, Log $log, array $away, Day $first, Day $last, array $needed): array
    {
        $days = self::days($people, $log, $first, $last);
        $absences = [];
        foreach ($needed as $skill) {
            $open = null;
            foreach ($days as [$day, $skills]) {
                $holders = $skills->holders($skill);
                $left = array_filter($holders, static fn(Person $person): bool => !in_array($person, $away, true));
                if ($left === []) {
                    $open = new self($skill, $open->from ?? $day, $day, $open->missed ?? $holders);
                } elseif ($open !== null) {
                    $absences[] = $open;
                    $open = null;
                }
            }
            $absences = [...$absences, ...$open === null ? [] : [$open]];
        }

        return $absences;
    }

    /**
     * @param list<Person> $people
     *
     * @return list<array{Day, Skills}> day by day; asked anew only where somebody's level may turn
     */
    private static function days(array $people, Log $log, Day $first, Day $last): array
    {
        $turns = [];
        foreach ($people as $person) {
            $turns[$person->until?->plus(1)->number ?? 0] = true;
        }
        foreach ($log->entries as $entry) {
            $turns[$entry->on->number] = true;
            $turns[$entry instanceof SkillTold && $entry->until !== null ? $entry->until->plus(1)->number : 0] = true;
        }
        $days = [];
        $skills = null;
        for ($day = $first; !$day->isAfter($last); $day = $day->plus(1)) {
            // How much somebody has practised is no matter for who is signed off.
            $skills = $skills === null || isset($turns[$day->number]) ? Skills::of($people, $log, $day, 1) : $skills;
            $days[] = [$day, $skills];
        }

        return $days;
    }
}
