<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** What everybody of a class does once, without a pause in it, at one of some stations. */
final readonly class Exercise
{
    /**
     * @param int               $minutes  at least 1
     * @param list<string>      $stations ids; at any one of them it can be done
     * @param list<string>|null $people   ids; null for all of the class
     * @param list<string>      $after    ids of exercises that are done before it
     *
     * @throws Invalid when something stands twice in a list, it names itself, or there is nowhere to do it
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $minutes,
        #[ListOf('string')]
        public array $stations,
        #[ListOf('string')]
        public ?array $people = null,
        #[ListOf('string')]
        public array $after = [],
        /** What is practised at it. */
        public ?HandSkill $skill = null,
    ) {
        if ($stations === []) {
            throw Invalid::at('stations', null, 'at least one station at which it can be done');
        }
        Once::check('stations', $stations, 'each station once');
        Once::check('people', $people ?? [], 'each person once');
        Once::check('after', $after, 'each exercise once');
        $self = array_search($id, $after, true);
        if ($self !== false) {
            throw Invalid::at('after/' . $self, $id, 'another exercise; none is done before itself');
        }
    }

    /** Whether somebody of a class does it. */
    public function isFor(string $person): bool
    {
        return $this->people === null || in_array($person, $this->people, true);
    }
}
