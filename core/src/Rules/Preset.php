<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\SkillGroup;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Wire\Material;

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
        $withBare = [...HouseRules::FULL_CYCLE_FOR, TerminalClass::Bare];

        return match ($this) {
            self::Building => new HouseRules(
                trainedHands: true,
                fullCycleFor: [TerminalClass::Insulated],
                listedWire: true,
                carry: [...HouseRules::CARRY, ToolKind::FirstAid],
            ),
            self::Vehicle => new HouseRules(
                fullCycleFor: [TerminalClass::Insulated, TerminalClass::HeatShrink, TerminalClass::OpenBarrel, TerminalClass::SealedOpenBarrel],
                hammerLugs: Stance::Accept,
                carry: [ToolKind::Meter, ToolKind::EyeProtection, ToolKind::FirstAid],
            ),
            self::Marine => new HouseRules(
                fullCycleFor: $withBare,
                insulationGrip: [TerminalClass::Insulated],
                pullStandard: PullStandard::AbycE11,
                carry: [...HouseRules::CARRY, ToolKind::Meter, ToolKind::FirstAid],
            ),
            self::Panel => new HouseRules(
                openFlame: false,
                fullCycleFor: [TerminalClass::Insulated, TerminalClass::Ferrule, TerminalClass::TwinFerrule],
                listedWire: true,
                torqueEvery: true,
            ),
            self::Aircraft => new HouseRules(
                openFlame: false,
                fullCycleFor: $withBare,
                insulationGrip: [TerminalClass::Insulated],
                pullTest: PullTesting::Sample,
                listedWire: true,
                insulations: Insulations::of(Material::Etfe, Material::Ptfe, Material::Fep, Material::Polyimide, Material::Xlpe),
                pullStandard: PullStandard::SaeAs7928,
                strandDamage: StrandLimit::HighReliability,
                carry: [ToolKind::Meter, ToolKind::EyeProtection],
                signOffFor: [SkillGroup::read('crimp'), SkillGroup::read('solder')],
            ),
            self::Bench => new HouseRules(
                makeshiftCounts: true,
                openFlame: false,
                tinning: Stance::Accept,
                solderSplices: Stance::Accept,
                solderOnCrimp: Stance::Accept,
                poweredFinalTorque: true,
                carry: [ToolKind::EyeProtection],
            ),
        };
    }
}
