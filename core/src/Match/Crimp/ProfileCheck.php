<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Crimp;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Control;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\ReasonCode;

/** The shape that a die presses, and what decides how far it closes, against the class of the terminal. */
final readonly class ProfileCheck
{
    public function __construct(private HouseRules $house) {}

    /** Whether some line and some house rule could let this profile pass on this class. */
    public static function mightSuit(TerminalClass $class, Crimp $capability): bool
    {
        if ($capability->classes !== null && !in_array($class, $capability->classes, true)) {
            return false;
        }
        $profile = $capability->profile;

        return CrimpProfiles::fit($class, $profile) !== Fit::Unsuitable
            || ($class === TerminalClass::Insulated && $profile === Profile::Indent)
            || ($class === TerminalClass::Lug && $profile === Profile::Hammer);
    }

    public function profile(CrimpWork $work, Crimp $capability, Findings $findings): void
    {
        $class = $work->class;
        $profile = $capability->profile;
        $numbers = ['profile' => $profile->value, 'class' => $class->value];
        $isLugByBlow = $class === TerminalClass::Lug
            && ($profile === Profile::Hammer || ($capability->control === Control::Impact && CrimpProfiles::fit($class, $profile) === Fit::Proper));
        match (true) {
            $capability->classes !== null && !in_array($class, $capability->classes, true) => $findings->add(ReasonCode::ClassExcluded, Fit::Unsuitable, ['class' => $class->value]),
            $class === TerminalClass::Insulated && $profile === Profile::Indent => $this->indentOnInsulated($work, $numbers, $findings),
            $isLugByBlow => $this->hammeredLug($numbers, $findings),
            default => $this->byTable($work, $profile, $numbers, $findings),
        };
    }

    /** @param array<string, string> $numbers */
    private function byTable(CrimpWork $work, Profile $profile, array $numbers, Findings $findings): void
    {
        $fit = CrimpProfiles::fit($work->class, $profile, $work->clamp);
        if ($work->class === TerminalClass::HeatShrink && $fit === Fit::Makeshift && $work->isWet) {
            // A dimple may pierce the sleeve, and a pierced sleeve does not seal.
            $fit = Fit::Unsuitable;
        }
        $clamp = $work->class->isFerrule() ? $work->clamp : null;
        match (true) {
            $fit === Fit::Proper => $findings->add(ReasonCode::ProfileProper, $fit, $numbers),
            $fit === Fit::Unsuitable => $findings->add(ReasonCode::ProfileUnsuitable, $fit, [...$numbers, 'profiles' => self::right($work)]),
            $clamp !== null => $findings->add(ReasonCode::ClampShape, $fit, [...$numbers, 'clamp' => $clamp->value, 'profiles' => self::right($work)]),
            default => $findings->add(ReasonCode::ProfileMakeshift, $fit, $numbers),
        };
    }

    /** @param array<string, string> $numbers */
    private function indentOnInsulated(CrimpWork $work, array $numbers, Findings $findings): void
    {
        $rule = $this->house->changed(HouseRule::IndentOnInsulated);
        match (true) {
            $this->house->indentOnInsulated === Stance::Refuse => $findings->add(ReasonCode::RuleRefused, Fit::Unsuitable, ['what' => 'indent-on-insulated'], rule: $rule),
            $work->isSleeved => $findings->add(ReasonCode::ProfileMakeshift, Fit::Makeshift, $numbers, rule: $rule),
            default => $findings->add(ReasonCode::ProfileUnsuitable, Fit::Unsuitable, [...$numbers, 'lacks' => 'sleeve'], rule: $rule),
        };
    }

    /** @param array<string, string> $numbers */
    private function hammeredLug(array $numbers, Findings $findings): void
    {
        $rule = $this->house->changed(HouseRule::HammerLugs);
        $this->house->hammerLugs === Stance::Accept
            ? $findings->add(ReasonCode::ProfileMakeshift, Fit::Makeshift, [...$numbers, 'profile' => Profile::Hammer->value], rule: $rule)
            : $findings->add(ReasonCode::RuleRefused, Fit::Unsuitable, ['what' => 'hammered-lug'], rule: $rule);
    }

    /** @return list<string> */
    private static function right(CrimpWork $work): array
    {
        return array_map(static fn(Profile $profile): string => $profile->value, CrimpProfiles::proper($work->class, $work->clamp));
    }

    /** Says nothing where the class does not ask and the house has not changed that. */
    public function control(TerminalClass $class, Control $control, Findings $findings): void
    {
        $numbers = ['control' => $control->value, 'class' => $class->value];
        if ($control->completesTheStroke()) {
            $findings->add(ReasonCode::ControlFullCycle, Fit::Proper, $numbers);

            return;
        }
        if ($control === Control::Impact) {
            // On a lug the house rule for hammered lugs has decided already.
            if ($class !== TerminalClass::Lug) {
                $findings->add(ReasonCode::ControlNotFullCycle, Fit::Unsuitable, $numbers);
            }

            return;
        }
        $isWanted = in_array($class, $this->house->fullCycleFor, true);
        $rule = $isWanted === in_array($class, HouseRules::FULL_CYCLE_FOR, true) ? null : HouseRule::FullCycleFor;
        if ($isWanted || $rule !== null) {
            $findings->add(ReasonCode::ControlNotFullCycle, $isWanted ? Fit::Makeshift : Fit::Proper, $numbers, rule: $rule);
        }
    }
}
