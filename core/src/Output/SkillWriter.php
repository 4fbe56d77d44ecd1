<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Skill\SkillOnDay;
use Gondrik\Core\Skill\Skills;

/** What people can do on a day as plain data. */
final readonly class SkillWriter
{
    /** @return list<array<string, mixed>> person by person */
    public function people(Skills $skills): array
    {
        return array_map(fn(Person $person): array => [
            'person' => $person->id,
            'skills' => array_map($this->skill(...), $skills->ofPerson($person)),
        ], $skills->people);
    }

    /**
     * @param array<string, int> $needed terminations by skill
     *
     * @return list<array<string, mixed>> skill by skill, with who is signed off for it
     */
    public function needed(array $needed, Skills $skills): array
    {
        return array_map(static fn(string $skill, int $terminations): array => [
            'skill' => $skill,
            'terminations' => $terminations,
            'holders' => array_map(static fn(Person $person): string => $person->id, $skills->holders($skill)),
        ], array_keys($needed), array_values($needed));
    }

    /** @return array<string, mixed> */
    private function skill(SkillOnDay $skill): array
    {
        return [
            'skill' => $skill->skill,
            'level' => $skill->level?->value,
            'since' => $skill->since?->plain(),
            'until' => $skill->until?->plain(),
            'tries' => $skill->tries,
            'good' => $skill->good,
            'lastTen' => $skill->lastTen,
            'mayAsk' => $skill->mayAsk,
        ];
    }
}
