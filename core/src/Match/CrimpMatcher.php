<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Control;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Tool\Tool;

/**
 * Profile against class, then control, then the nest (NestCheck).
 *
 * @implements Matcher<Crimp>
 */
final readonly class CrimpMatcher implements Matcher
{
    private NestCheck $nests;

    public function __construct(private HouseRules $rules)
    {
        $this->nests = new NestCheck($rules);
    }

    /** Whether some line and some house rule could let this profile pass on this class. */
    public static function mightSuit(TerminalClass $class, Profile $profile): bool
    {
        return CrimpProfiles::fit($class, $profile) !== Fit::Unsuitable
            || ($class === TerminalClass::Insulated && $profile === Profile::Indent)
            || ($class === TerminalClass::Lug && $profile === Profile::Hammer);
    }

    /** Whether a tool has a profile that might suit a class. */
    public static function anySuits(TerminalClass $class, Tool $tool): bool
    {
        foreach ($tool->capabilitiesFor(Operation::Crimp) as $capability) {
            if ($capability instanceof Crimp && self::mightSuit($class, $capability->profile)) {
                return true;
            }
        }

        return false;
    }

    public function answer(Step $step, Capability $capability): Answer
    {
        $terminal = $step->line->terminal;
        assert($terminal !== null);
        $tool = [$this->profile($step, $terminal, $capability), ...$this->control($terminal->class, $capability->control)];

        return Answer::firstBest($capability->nests, fn(Nest $nest): Answer => new Answer(
            [...$tool, ...$this->nests->reasons($step, $terminal, $nest, $capability->proven)],
            $nest->label,
        ));
    }

    private function profile(Step $step, Terminal $terminal, Crimp $capability): Reason
    {
        $class = $terminal->class;
        $profile = $capability->profile;
        $numbers = ['profile' => $profile->value, 'class' => $class->value];
        if ($capability->classes !== null && !in_array($class, $capability->classes, true)) {
            return $this->unsuitable($step, $numbers);
        }
        if ($class === TerminalClass::Insulated && $profile === Profile::Indent) {
            return $this->indentOnInsulated($step, $numbers);
        }
        if ($class === TerminalClass::Lug && ($profile === Profile::Hammer || $capability->control === Control::Impact && CrimpProfiles::fit($class, $profile) === Fit::Proper)) {
            return $this->rules->hammerLugs === Stance::Accept
                ? new Reason(ReasonCode::ProfileMakeshift, Fit::Makeshift, $numbers, rule: $this->rules->changed('hammerLugs'))
                : new Reason(ReasonCode::RuleRefused, Fit::Unsuitable, ['what' => 'hammered lugs: the blow can push the wire back and leave a void'], rule: $this->rules->changed('hammerLugs'));
        }
        $fit = CrimpProfiles::fit($class, $profile, $step->line->clamp);
        if ($class === TerminalClass::HeatShrink && $fit === Fit::Makeshift && $step->line->wet) {
            // A dimple may pierce the sleeve, and a pierced sleeve does not seal.
            return $this->unsuitable($step, $numbers);
        }
        $clamp = $class->isFerrule() ? $step->line->clamp : null;

        return match ($fit) {
            Fit::Proper => new Reason(ReasonCode::ProfileProper, $fit, $numbers),
            Fit::Makeshift => $clamp === null
                ? new Reason(ReasonCode::ProfileMakeshift, $fit, $numbers)
                : new Reason(ReasonCode::ClampShape, $fit, [...$numbers, 'clamp' => $clamp->value, 'profiles' => $this->right($step)]),
            Fit::Unsuitable => $this->unsuitable($step, $numbers),
        };
    }

    /** @param array<string, string> $numbers */
    private function indentOnInsulated(Step $step, array $numbers): Reason
    {
        $rule = $this->rules->changed('indentOnInsulated');
        if ($this->rules->indentOnInsulated === Stance::Refuse) {
            return new Reason(ReasonCode::RuleRefused, Fit::Unsuitable, ['what' => 'an indent on an insulated terminal: it breaks the insulation'], rule: $rule);
        }

        return $step->line->hasSleeve()
            ? new Reason(ReasonCode::ProfileMakeshift, Fit::Makeshift, $numbers, rule: $rule)
            : $this->unsuitable($step, $numbers);
    }

    /** @param array<string, string> $numbers */
    private function unsuitable(Step $step, array $numbers): Reason
    {
        return new Reason(ReasonCode::ProfileUnsuitable, Fit::Unsuitable, [...$numbers, 'profiles' => $this->right($step)]);
    }

    /** @return list<string> */
    private function right(Step $step): array
    {
        $class = $step->line->terminal?->class;

        return $class === null ? [] : array_map(static fn(Profile $profile): string => $profile->value, CrimpProfiles::proper($class, $step->line->clamp));
    }

    /** @return list<Reason> none where the class does not ask and the house has not changed that */
    private function control(TerminalClass $class, Control $control): array
    {
        $numbers = ['control' => $control->value, 'class' => $class->value];
        if ($control->completesTheStroke()) {
            return [new Reason(ReasonCode::ControlFullCycle, Fit::Proper, $numbers)];
        }
        if ($control === Control::Impact) {
            // On a lug the house rule for hammered lugs has decided already.
            return $class === TerminalClass::Lug ? [] : [new Reason(ReasonCode::ControlNotFullCycle, Fit::Unsuitable, $numbers)];
        }
        $isWanted = in_array($class, $this->rules->fullCycleFor, true);
        $rule = $isWanted === in_array($class, HouseRules::FULL_CYCLE_FOR, true) ? null : 'fullCycleFor';

        return match (true) {
            $isWanted => [new Reason(ReasonCode::ControlNotFullCycle, Fit::Makeshift, $numbers, rule: $rule)],
            $rule !== null => [new Reason(ReasonCode::ControlNotFullCycle, Fit::Proper, $numbers, rule: $rule)],
            default => [],
        };
    }
}
