<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Access;
use Gondrik\Core\Scope\Surroundings;
use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\KitAsItStands;

/** What the place asks of any tool, whatever the operation. */
final readonly class Conditions
{
    /** Equal for equal conditions. */
    public string $key;

    /** They ask nothing of a tool that may travel. */
    public bool $isPlain;

    public function __construct(
        public bool $noMains = false,
        public Access $access = Access::Open,
        /** The tool must come to the work: one that stays where it is cannot. */
        public bool $mustTravel = false,
        /** The hand that has to close it, where that is known. */
        public ?Hand $hand = null,
        /** Whether who works is signed off for the step; null where nobody in particular is asked about. */
        public ?bool $isTrained = null,
        /** And their name. */
        public ?string $worker = null,
    ) {
        $this->key = ($noMains ? 'no-mains ' : '') . $access->value . ($mustTravel ? ' travels' : '')
            . ($hand === null ? '' : ' ' . json_encode([$hand->gripForce, $hand->handSpan]))
            . ($isTrained === null ? '' : ' ' . json_encode([$isTrained, $worker]));
        $this->isPlain = !$noMains && $access === Access::Open && $hand === null;
    }

    /** @param HandSkill|null $skill of the step, where it matters who works */
    public static function of(Surroundings $surroundings, KitAsItStands $kit, ?HandSkill $skill = null): self
    {
        return new self($surroundings->noMains, $surroundings->access, $kit->travels && !$surroundings->movable, $kit->hand, $kit->worker?->isSignedOff($skill), $kit->worker?->name);
    }
}
