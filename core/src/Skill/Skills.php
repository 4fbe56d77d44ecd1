<?php

declare(strict_types=1);

namespace Gondrik\Core\Skill;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Level;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Log\Practised;
use Gondrik\Core\Log\SkillTold;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Value\Day;

/** What the people of a shop can do on a day. */
final readonly class Skills
{
    /**
     * @param list<Person>                             $people
     * @param array<string, array<string, SkillOnDay>> $byPerson by id and skill, in the order of work
     */
    private function __construct(public array $people, private array $byPerson) {}

    /**
     * @param list<Person> $people
     * @param int          $pieces that are practised before anybody asks to be signed off
     */
    public static function of(array $people, Log $log, Day $day, int $pieces): self
    {
        $entries = [];
        foreach ($log->entries as $entry) {
            if (($entry instanceof SkillTold || $entry instanceof Practised) && !$entry->on->isAfter($day)) {
                $entries[$entry->person->id][$entry->skill->name][] = $entry;
            }
        }
        $byPerson = [];
        foreach ($people as $person) {
            $byPerson[$person->id] = SkillOrder::sorted(array_map(static fn(array $of): SkillOnDay => SkillOnDay::of($person, $of, $day, $pieces), $entries[$person->id] ?? []));
        }

        return new self($people, $byPerson);
    }

    /** @return list<SkillOnDay> of which something was ever told or practised, in the order of work */
    public function ofPerson(Person $person): array
    {
        return array_values($this->byPerson[$person->id] ?? []);
    }

    public function isSignedOff(Person $person, string $skill): bool
    {
        return ($this->byPerson[$person->id][$skill] ?? null)?->level === Level::SignedOff;
    }

    /** Somebody as who works: with their own hands, and what they may do alone on the day. */
    public function worker(Person $person): Worker
    {
        $signedOff = array_filter($this->byPerson[$person->id] ?? [], static fn(SkillOnDay $one): bool => $one->level === Level::SignedOff);

        return new Worker($person->id, $person->name, $person->hand, array_map(HandSkill::read(...), array_keys($signedOff)));
    }

    /** @return list<Person> who are signed off for it */
    public function holders(string $skill): array
    {
        return array_values(array_filter($this->people, fn(Person $person): bool => $this->isSignedOff($person, $skill)));
    }
}
