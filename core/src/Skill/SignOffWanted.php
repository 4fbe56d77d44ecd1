<?php

declare(strict_types=1);

namespace Gondrik\Core\Skill;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Level;
use Gondrik\Core\Value\Day;

/** A sign-off that waits for somebody to give it, for the first time or again. */
final readonly class SignOffWanted
{
    private function __construct(
        public Person $person,
        public SkillOnDay $skill,
        public WhyWanted $why,
        /** The last day on which it holds or held; null for the first one. */
        public ?Day $on,
    ) {}

    /**
     * Whoever leaves before a sign-off does needs none again.
     *
     * @param Skills $skills on the day
     * @param int    $days   so far ahead sign-offs are told that will lapse
     *
     * @return list<self> by their days, the ones without after them; equal ones in the order of people and of work
     */
    public static function of(Skills $skills, Day $today, int $days): array
    {
        $wanted = [];
        foreach ($skills->people as $person) {
            foreach ($skills->ofPerson($person) as $skill) {
                $why = self::why($person, $skill, $today->plus($days));
                $wanted = [...$wanted, ...$why === null ? [] : [new self($person, $skill, $why, $skill->lapsed ?? $skill->until)]];
            }
        }
        usort($wanted, static fn(self $one, self $other): int => ($one->on->number ?? PHP_INT_MAX) <=> ($other->on->number ?? PHP_INT_MAX));

        return $wanted;
    }

    private static function why(Person $person, SkillOnDay $skill, Day $last): ?WhyWanted
    {
        $outlives = $person->until === null || ($skill->until !== null && $person->until->isAfter($skill->until));

        return match (true) {
            $skill->lapsed !== null => WhyWanted::Lapsed,
            $skill->level === Level::SignedOff && $skill->until !== null && !$skill->until->isAfter($last) && $outlives => WhyWanted::Lapses,
            $skill->mayAsk => WhyWanted::Ready,
            default => null,
        };
    }
}
