<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Sleeve;

use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\LimitCheck;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Heat;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\ShrinkSleeve;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\ReasonCode;

/** @extends OperationRules<SleeveWork, ShrinkSleeve> */
final class SleeveRules extends OperationRules
{
    public static function operation(): Operation
    {
        return Operation::Sleeve;
    }

    public function isPerWire(Line $line): bool
    {
        return false;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $end !== null && ($line->terminal?->class === TerminalClass::HeatShrink || $line->sleeve->isTube());
    }

    public function work(Line $line, ?End $end, Conditions $conditions): SleeveWork
    {
        assert($end !== null);
        $diameters = array_map(static fn(End $end): ?float => $end->insulationOd(), $line->ends);
        $known = array_filter($diameters, static fn(?float $od): bool => $od !== null);

        return new SleeveWork($conditions, $end->wire->size, $known === [] ? null : max($known), count($known) === count($diameters));
    }

    public function judge(Work $work, Capability $capability, Findings $findings): null
    {
        $this->heat($capability->heat, $findings);
        // One wire that is too wide settles it; one that is not known leaves it open.
        $settles = $work->isAllKnown || ($work->widest !== null && $capability->maxOd !== null && Tolerance::isAbove($work->widest, $capability->maxOd));
        LimitCheck::atMost($settles ? $work->widest : null, $capability->maxOd, $findings);

        return null;
    }

    private function heat(Heat $heat, Findings $findings): void
    {
        match (true) {
            $heat === Heat::Gun => $findings->add(ReasonCode::HeatGun, Fit::Proper),
            !$this->house->openFlame => $findings->add(ReasonCode::HeatRefused, Fit::Unsuitable, ['heat' => $heat->value], rule: $this->house->changed(HouseRule::OpenFlame)),
            $heat === Heat::Torch => $findings->add(ReasonCode::HeatFlame, Fit::Proper),
            default => $findings->add(ReasonCode::HeatLighter, Fit::Makeshift),
        };
    }

    public function weighsProven(): bool
    {
        return false;
    }

    public function wanted(array $works): Wanted
    {
        $widest = Gather::greatest($works, static fn(SleeveWork $work): ?float => $work->widest);

        // What is accepted is said: a torch is given as an example, too.
        $numbers = [...$widest === null ? [] : ['od' => $widest], ...$this->house->openFlame ? ['flame' => Heat::Torch->value] : []];

        return new Wanted(new ShrinkSleeve(Heat::Gun, $widest), Asked::by($works), $numbers, heats: true);
    }
}
