<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

use Gondrik\Core\Bench\SheathPulls;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Match\StripSheath\StripSheathWork;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Tool\Cut;
use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\SheathMethod;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\ReasonCode;

/** What a step takes with the tool that is taken for it. */
final readonly class StepEffort
{
    /** Wires that a hand closes a gang stripper over. */
    private const GANG_BY_HAND = 2;

    public function __construct(private KitAsItStands $kit, private Rates $rates) {}

    /** At one termination; null in a hole, and where nobody knows how long the method takes. */
    public function of(StepCover $step): ?Effort
    {
        return $step->chosen === null ? null : $this->with($step, $step->chosen);
    }

    /** The same with another tool than the one that is taken. */
    public function with(StepCover $step, ToolMatch $match): ?Effort
    {
        $once = $this->rates->once($match->tool, $match->capability);
        if ($once === null) {
            return null;
        }
        $all = $once->times($this->times($step, $match));

        return $this->isPowered($match->tool) ? $all->powered() : $all;
    }

    /** How often it is done at one termination. */
    private function times(StepCover $step, ToolMatch $match): int
    {
        $wires = $step->step->end instanceof End ? $step->step->end->wires : 1;
        $capability = $match->capability;

        return match (true) {
            $capability instanceof Cut => $wires * $this->bites($capability, $match),
            $capability instanceof Strip => intdiv($wires + $this->gang($capability, $match->tool) - 1, $this->gang($capability, $match->tool)),
            $capability instanceof StripSheath => $wires * self::pulls($capability, $step),
            default => 1,
        };
    }

    private function bites(Cut $cut, ToolMatch $match): int
    {
        foreach ($match->reasons as $reason) {
            if ($reason->code === ReasonCode::CutBites) {
                return $cut->bites;
            }
        }

        return 1;
    }

    private function gang(Strip $strip, Tool $tool): int
    {
        return $tool->needs->energy === Energy::Hand ? min($strip->gang, self::GANG_BY_HAND) : $strip->gang;
    }

    /** One where neither the sheath nor the tool says how much comes off. */
    private static function pulls(StripSheath $capability, StepCover $step): int
    {
        $work = $step->work;
        assert($work instanceof StripSheathWork);
        $section = $capability->sectionAt($work->ambient);

        return $capability->method !== SheathMethod::Pull || $work->sheath->strip === null || $section === null ? 1 : SheathPulls::count($work->sheath->strip, $section);
    }

    /** It, or one that it cannot do without, has a drive: no hand squeezes. */
    private function isPowered(Tool $tool): bool
    {
        foreach ([$tool, ...array_map($this->kit->tool(...), $tool->needs->requires)] as $one) {
            if (in_array($one?->needs->energy, [Energy::Mains, Energy::Battery], true)) {
                return true;
            }
        }

        return false;
    }
}
