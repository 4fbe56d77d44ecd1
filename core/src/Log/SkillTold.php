<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;

/** Somebody says what another can do. */
final readonly class SkillTold extends Entry
{
    /** @throws Invalid when somebody says it of themselves */
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Person $person,
        public HandSkill $skill,
        public Level $level,
        #[ByReference]
        Person $by,
        /** The last day on which it holds. */
        public ?Day $until = null,
        ?string $note = null,
    ) {
        if ($by->id === $person->id) {
            throw Invalid::at('by', $by->id, 'another person: nobody says it of themselves');
        }
        parent::__construct($id, $on, $by, $note);
    }

    public static function what(): What
    {
        return What::Skill;
    }
}
