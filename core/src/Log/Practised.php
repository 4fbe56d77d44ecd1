<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** A person has practised. */
final readonly class Practised extends Entry
{
    /**
     * @param list<string> $faults
     *
     * @throws Invalid when more are good than were tried
     */
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Person $person,
        public HandSkill $skill,
        public int $tries,
        public int $good,
        /** By the codes of what is looked for. */
        #[ListOf('string')]
        public array $faults = [],
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
        if ($good > $tries) {
            throw Invalid::at('good', $good, 'at most as many as were tried, ' . $tries);
        }
    }

    public static function what(): What
    {
        return What::Practice;
    }
}
