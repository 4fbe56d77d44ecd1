<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Bench\StrandDamage;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\StrandLimit;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Wire\Construction;

/** How much of a conductor the blade may have touched on this line: as the house says, in a lug by high reliability whatever it says. */
final readonly class AllowedDamage
{
    private function __construct(private StrandLimit $limit) {}

    public static function of(Line $line, HouseRules $rules): self
    {
        return new self($line->terminal?->class === TerminalClass::Lug ? StrandLimit::HighReliability : $rules->strandDamage);
    }

    /** Strands that may be nicked or cut; null for a solid conductor, and where their number is not known. */
    public function strands(End $end): ?Figure
    {
        $strands = $end->wire->strands;
        if ($strands === null || $end->wire->construction === Construction::Solid) {
            return null;
        }
        $damage = StrandDamage::ofStrands($strands);

        return $this->limit === StrandLimit::HighReliability ? $damage->highReliability : $damage->general;
    }

    /** How deep a solid conductor may be nicked; null for strands. */
    public function depth(End $end): ?Figure
    {
        return $end->wire->construction === Construction::Solid ? StrandDamage::ofSolid($end->wire->size)->depth : null;
    }
}
