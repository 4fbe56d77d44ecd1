<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Bench\SleeveChoice;
use Gondrik\Core\Bench\StrandDamage;
use Gondrik\Core\Card\InstructionCode as Code;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Preparation;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Control;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Tool\SheathMethod;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripMethod;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wire\Construction;

/** What the card says from the spool to the crimp. */
final readonly class Making
{
    public function __construct(private Line $line, private ?SleeveChoice $sleeve) {}

    /** @return list<Instruction> */
    public function identify(End $end): array
    {
        $wire = $end->wire;
        $outside = $wire->sheath?->outsideDiameter();

        return [
            ...$wire->code === null ? [] : [new Instruction(Code::IdentifyPrint, ['code' => $wire->code])],
            new Instruction(Code::IdentifyWire, [
                'size' => $wire->size->written,
                'construction' => $wire->construction->value,
                'insulation' => $wire->insulation->value,
                ...$wire->strands === null || $wire->construction === Construction::Solid ? [] : ['strands' => $wire->strands],
                ...$wire->sheath === null ? [] : ['cores' => $wire->cores, 'sheath' => $wire->sheath->material->value],
            ]),
            new Instruction(Code::IdentifyCaliper, [
                'conductor' => $wire->conductorDiameter,
                ...$wire->insulationOd === null ? [] : ['od' => $wire->insulationOd],
                ...$outside === null ? [] : ['outside' => $outside],
            ]),
            new Instruction($wire->construction === Construction::Solid ? Code::IdentifyStays : Code::IdentifySprings),
            ...$wire->listed === false ? [new Instruction(Code::IdentifyUnlisted)] : [],
        ];
    }

    /** @return list<Instruction> */
    public function cut(StepCover $cover): array
    {
        return [new Instruction(Code::CutSquare), ...self::hasReason($cover, ReasonCode::CutBites) ? [new Instruction(Code::CutBites)] : []];
    }

    /** @return list<Instruction> */
    public function sheath(StepCover $cover, End $end): array
    {
        $length = $end->wire->sheath?->strip;
        $section = self::sectionOf($cover);
        $capability = $cover->chosen?->capability;
        $method = $capability instanceof StripSheath ? $capability->method : null;

        return [
            ...$length === null ? [] : [new Instruction(Code::SheathLength, ['length' => $length])],
            ...isset($section['pulls'], $section['section']) ? [new Instruction(Code::SheathPulls, ['pulls' => (int) $section['pulls'], 'section' => (float) $section['section']])] : [],
            ...self::hasReason($cover, ReasonCode::SheathCold) ? [new Instruction(Code::SheathCold, ['ambient' => $this->line->surroundings->ambient])] : [],
            ...$method === SheathMethod::Score ? [new Instruction(Code::SheathScore)] : [],
            ...$method === SheathMethod::EarthPull ? [new Instruction(Code::SheathEarth)] : [],
            new Instruction(Code::SheathCores),
        ];
    }

    /** @return list<Instruction> */
    public function strip(StepCover $cover, End $end): array
    {
        $length = $this->line->terminal?->strip?->aim();
        $capability = $cover->chosen?->capability;
        $method = $capability instanceof Strip ? $capability->method : null;
        $position = $cover->chosen?->position();

        return [
            ...$position === null ? [] : [new Instruction(Code::StripPosition, ['position' => $position])],
            ...match (true) {
                $length === null => [],
                self::hasReason($cover, ReasonCode::LengthStop) => [new Instruction(Code::StripStop, ['length' => $length])],
                $cover->chosen !== null => [new Instruction(Code::StripMeasure, ['length' => $length])],
                default => [],
            },
            ...$end->midSpan ? [new Instruction(Code::StripMidSpan)] : [],
            ...match ($method) {
                StripMethod::Knife => [new Instruction(Code::StripKnife)],
                StripMethod::Score => [new Instruction(Code::StripScore)],
                default => [],
            },
            ...$this->line->terminal?->class->isCrimped() === true ? [new Instruction(Code::StripOffer)] : [],
            ...$this->damage($end),
        ];
    }

    /** @return list<Instruction> */
    public function prepare(End $end): array
    {
        $class = $this->line->terminal?->class;
        $isSolid = $end->wire->construction === Construction::Solid;
        $strands = match (true) {
            $class?->takesUnstripped() === true => Code::PrepareUnstripped,
            $class === TerminalClass::PushIn => Code::PreparePushIn,
            $class === TerminalClass::TwistOn => Code::PrepareTwistOn,
            $isSolid => Code::PrepareSolid,
            $this->line->joint->prep === Preparation::Tin => Code::PrepareTin,
            $this->line->joint->prep === Preparation::Twist => Code::PrepareTwist,
            $this->line->joint->prep === Preparation::Relaid => Code::PrepareReLaid,
            $class?->isRolled() === true => Code::PrepareRolled,
            $class?->isFerrule() === true => Code::PrepareFerrule,
            $class === TerminalClass::ScrewClamp => Code::PrepareClamp,
            default => Code::PrepareClosed,
        };

        return [
            ...$this->sleeve === null || $end !== $this->line->ends[0] ? [] : [new Instruction(Code::PrepareSleeve, [
                ...self::number('name', $this->sleeve->name),
                ...self::number('length', $this->sleeve->cutLength),
            ]), ...$this->sleeve->neededRatio === null ? [] : [new Instruction(Code::PrepareNoStock, self::number('ratio', $this->sleeve->neededRatio))]],
            new Instruction($strands),
            ...$end->wires > 1 ? [new Instruction(Code::PrepareBarrel, ['wires' => $end->wires])] : [],
        ];
    }

    /** @return list<Instruction> */
    public function crimp(StepCover $cover): array
    {
        $capability = $cover->chosen?->capability;
        $crimp = $capability instanceof Crimp ? $capability : null;
        $class = $this->line->terminal?->class;
        $how = match ($class) {
            TerminalClass::Insulated => Code::CrimpInsulated,
            TerminalClass::HeatShrink => Code::CrimpHeatShrink,
            TerminalClass::Bare => Code::CrimpBare,
            TerminalClass::OpenBarrel => $crimp?->profile === Profile::RollSingle ? Code::CrimpRolledSingle : Code::CrimpRolled,
            TerminalClass::SealedOpenBarrel => Code::CrimpSealed,
            TerminalClass::SolidContact => Code::CrimpSolidContact,
            TerminalClass::Ferrule, TerminalClass::TwinFerrule => Code::CrimpFerrule,
            TerminalClass::Lug => Code::CrimpLug,
            TerminalClass::Tap => Code::CrimpTap,
            TerminalClass::Ribbon => Code::CrimpRibbon,
            default => Code::CrimpRound,
        };
        $stroke = match ($crimp?->control) {
            Control::FullCycle => Code::StrokeFullCycle,
            Control::Free => Code::StrokeFree,
            Control::Hydraulic => Code::StrokeHydraulic,
            Control::Screw => Code::StrokeScrew,
            Control::Impact => Code::StrokeImpact,
            null => null,
        };
        $position = $cover->chosen?->position();

        return [
            ...$position === null ? [] : [new Instruction(Code::CrimpNest, ['position' => $position])],
            new Instruction($how),
            ...$stroke === null ? [] : [new Instruction($stroke)],
        ];
    }

    /** @return list<Instruction> */
    public function solder(): array
    {
        $heat = $this->line->temperature;

        return [
            new Instruction(Code::SolderHeat, $heat === null ? [] : ['temperature' => $heat]),
            ...$this->line->terminal?->class === TerminalClass::SolderCup ? [new Instruction(Code::SolderCup)] : [],
        ];
    }

    public static function hasReason(StepCover $cover, ReasonCode $code): bool
    {
        foreach ($cover->chosen->reasons ?? [] as $reason) {
            if ($reason->code === $code) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, mixed> the numbers of the section that counts, warm or cold; nothing where the tool states none */
    public static function sectionOf(StepCover $cover): array
    {
        foreach ($cover->chosen->reasons ?? [] as $reason) {
            if ($reason->code === ReasonCode::SheathSection || $reason->code === ReasonCode::SheathCold) {
                return $reason->numbers;
            }
        }

        return [];
    }

    /** How much the blade may have touched; null where the strands are not known. */
    public static function damageOf(End $end): ?StrandDamage
    {
        return match (true) {
            $end->wire->construction === Construction::Solid => StrandDamage::ofSolid($end->wire->size),
            $end->wire->strands === null => null,
            default => StrandDamage::ofStrands($end->wire->strands),
        };
    }

    /** @return list<Instruction> */
    private function damage(End $end): array
    {
        $damage = self::damageOf($end);
        $strands = $end->wire->strands;
        if ($damage?->depth !== null) {
            return [new Instruction(Code::StripSolid, self::number('depth', $damage->depth))];
        }
        if ($damage === null || $strands === null) {
            return [];
        }
        $allowed = (int) $damage->general?->value;

        return [new Instruction(Code::StripDamage, $allowed === 0 ? ['strands' => $strands] : ['allowed' => $allowed, 'many' => $strands])];
    }

    /** @return array<string, string|int|float> nothing where the figure is none */
    private static function number(string $name, ?Figure $figure): array
    {
        $value = $figure?->value;

        return $value === null || is_bool($value) ? [] : [$name => $value];
    }
}
