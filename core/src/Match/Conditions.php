<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Access;
use Gondrik\Core\Scope\Surroundings;
use Gondrik\Core\Tool\Hand;
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
    ) {
        $this->key = ($noMains ? 'no-mains ' : '') . $access->value . ($mustTravel ? ' travels' : '')
            . ($hand === null ? '' : ' ' . json_encode([$hand->gripForce, $hand->handSpan]));
        $this->isPlain = !$noMains && $access === Access::Open && $hand === null;
    }

    public static function of(Surroundings $surroundings, KitAsItStands $kit): self
    {
        return new self($surroundings->noMains, $surroundings->access, $kit->travels && !$surroundings->movable, $kit->hand);
    }
}
