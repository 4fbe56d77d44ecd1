<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Card\LookList;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Skill\SignOffWanted;
use Gondrik\Core\Skill\SkillOnDay;
use Gondrik\Core\Skill\SkillOrder;
use Gondrik\Core\Skill\Skills;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Wording\Words;

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

    /**
     * The same with the scopes that ask for each.
     *
     * @param array<string, array<string, int>> $needed terminations by skill and scope
     * @param list<Scope>                       $scopes
     *
     * @return list<array<string, mixed>>
     */
    public function neededBy(array $needed, array $scopes, Skills $skills): array
    {
        $names = array_column($scopes, 'name', 'id');

        return array_map(static fn(array $of): array => [
            ...$of,
            'scopes' => array_map(static fn(string $id, int $terminations): array => ['id' => $id, 'name' => $names[$id], 'terminations' => $terminations], array_map(strval(...), array_keys($needed[$of['skill']])), $needed[$of['skill']]),
        ], $this->needed(array_map(array_sum(...), $needed), $skills));
    }

    /** @return array<string, mixed> */
    public function person(Person $person): array
    {
        return [
            'id' => $person->id,
            'name' => $person->name,
            'hand' => $person->hand === null ? null : ['gripForce' => $person->hand->gripForce, 'handSpan' => $person->hand->handSpan],
            'until' => $person->until?->plain(),
            'note' => $person->note,
        ];
    }

    /** @return list<array{skill: string, name: string}> every skill in the order of work, in words */
    public function names(): array
    {
        return array_map(static fn(string $skill): array => ['skill' => $skill, 'name' => Words::for('skill', $skill)], array_map(strval(...), array_keys(SkillOrder::sorted(array_fill_keys(HandSkill::names(), true)))));
    }

    /** @return object lists of {code, text} by skill: what is bad about a piece, of crimps, for which there is such a list */
    public function faults(): object
    {
        $texts = array_column(Table::rows('look'), 'text', 'code');
        $faults = [];
        foreach (TerminalClass::cases() as $class) {
            $skill = HandSkill::of(Operation::Crimp, null, $class);
            $bad = LookList::of($class)->bad;
            $faults += $skill === null || $bad === [] ? [] : [$skill->name => array_map(static fn(string $code): array => ['code' => $code, 'text' => $texts[$code]], $bad)];
        }

        return (object) $faults;
    }

    /** @return array<string, mixed> with the name of the skill, and of somebody who is ready how much was practised */
    public function wanted(SignOffWanted $wanted): array
    {
        return [
            'person' => ['id' => $wanted->person->id, 'name' => $wanted->person->name],
            'skill' => $wanted->skill->skill,
            'name' => Words::for('skill', $wanted->skill->skill),
            'why' => $wanted->why->value,
            'on' => $wanted->on?->plain(),
            'tries' => $wanted->skill->tries,
            'good' => $wanted->skill->good,
        ];
    }

    /** @return array<string, mixed> */
    public function skill(SkillOnDay $skill): array
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
