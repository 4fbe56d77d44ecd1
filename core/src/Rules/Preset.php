<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\ToolKind;

/** A trade's usual house rules; a preset sets every key. */
enum Preset: string
{
    case Building = 'building';
    case Vehicle = 'vehicle';
    case Marine = 'marine';
    case Panel = 'panel';
    case Aircraft = 'aircraft';
    case Bench = 'bench';

    public function rules(): HouseRules
    {
        $withFirstAid = [ToolKind::VoltageTester, ToolKind::EyeProtection, ToolKind::FirstAid];
        $withBare = [...HouseRules::FULL_CYCLE_FOR, TerminalClass::Bare];

        return match ($this) {
            self::Building => new HouseRules(
                trainedHands: true,
                fullCycleFor: [TerminalClass::Insulated],
                carry: $withFirstAid,
            ),
            self::Vehicle => new HouseRules(
                fullCycleFor: [TerminalClass::Insulated, TerminalClass::HeatShrink, TerminalClass::OpenBarrel, TerminalClass::SealedOpenBarrel],
                hammerLugs: Stance::Accept,
                carry: $withFirstAid,
            ),
            self::Marine => new HouseRules(
                fullCycleFor: $withBare,
                insulationGrip: [TerminalClass::Insulated],
                pullStandard: PullStandard::AbycE11,
                carry: $withFirstAid,
            ),
            self::Panel => new HouseRules(
                openFlame: false,
                fullCycleFor: [TerminalClass::Insulated, TerminalClass::Ferrule, TerminalClass::TwinFerrule],
            ),
            self::Aircraft => new HouseRules(
                openFlame: false,
                fullCycleFor: $withBare,
                insulationGrip: [TerminalClass::Insulated],
                pullTest: true,
                pullStandard: PullStandard::SaeAs7928,
            ),
            self::Bench => new HouseRules(
                makeshiftCounts: true,
                openFlame: false,
                tinning: Stance::Accept,
                solderSplices: Stance::Accept,
                poweredFinalTorque: true,
                carry: [ToolKind::EyeProtection],
            ),
        };
    }
}
