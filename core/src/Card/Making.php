<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Bench\SleeveChoice;
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
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wire\Construction;

/** What the card says from the spool to the crimp. */
final readonly class Making
{
    /** Codes of nests that are colours: the terminal shows which one it belongs in. */
    private const COLOURS = ['red', 'blue', 'yellow'];

    public function __construct(private Line $line, private ?SleeveChoice $sleeve, private AllowedDamage $damage) {}

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
        $capability = $cover->chosen?->capability;
        $method = $capability instanceof StripSheath ? $capability->method : null;

        return [
            ...$length === null ? [] : [new Instruction(Code::SheathLength, ['length' => $length])],
            ...$this->section($cover),
            ...$method === SheathMethod::Score ? [new Instruction(Code::SheathScore)] : [],
            ...$method === SheathMethod::EarthPull ? [new Instruction(Code::SheathEarth)] : [],
            new Instruction(Code::SheathCores),
        ];
    }

    /** @return list<Instruction> nothing where the remark of a makeshift section says it already */
    private function section(StepCover $cover): array
    {
        $reason = self::sectionReason($cover);
        if ($reason === null || $reason->fit !== Fit::Proper || !isset($reason->numbers['pulls'])) {
            return [];
        }
        $numbers = ['pulls' => (int) $reason->numbers['pulls'], 'section' => (float) $reason->numbers['section']];

        return match (true) {
            $numbers['pulls'] === 1 => [new Instruction(Code::SheathOnePull)],
            $reason->code === ReasonCode::SheathCold => [new Instruction(Code::SheathPulls, [...$numbers, 'ambient' => $this->line->surroundings->ambient])],
            default => [new Instruction(Code::SheathPulls, $numbers)],
        };
    }

    /** @return list<Instruction> what no longer passes once the terminal is on, nor over strands that are bare */
    public function slidOnFirst(): array
    {
        return match ($this->line->terminal?->class) {
            TerminalClass::SealedOpenBarrel => [new Instruction(Code::FirstSeal)],
            TerminalClass::Coax => [new Instruction(Code::FirstCoax)],
            TerminalClass::Ignition => [new Instruction(Code::FirstIgnition)],
            default => [],
        };
    }

    /** @return list<Instruction> */
    public function strip(StepCover $cover, End $end): array
    {
        $length = $this->line->terminal?->strip?->aim();
        $capability = $cover->chosen?->capability;
        $method = $capability instanceof Strip ? $capability->method : null;
        $position = $cover->chosen?->position();

        return [
            ...$this->slidOnFirst(),
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
                StripMethod::SetDepth => [new Instruction($end->midSpan ? Code::StripSetDepthMidSpan : Code::StripSetDepth)],
                default => [],
            },
            ...$this->offer(),
            ...$this->allowedDamage($end),
        ];
    }

    /** @return list<Instruction> where the insulation is to end, which the terminal itself shows */
    private function offer(): array
    {
        $code = match ($this->line->terminal?->class) {
            TerminalClass::Insulated, TerminalClass::HeatShrink, TerminalClass::Bare, TerminalClass::SolidContact, TerminalClass::Lug => Code::StripOffer,
            TerminalClass::OpenBarrel, TerminalClass::SealedOpenBarrel => Code::StripOfferWings,
            TerminalClass::Ferrule, TerminalClass::TwinFerrule => Code::StripOfferCollar,
            TerminalClass::Coax => Code::StripOfferCoax,
            TerminalClass::Ignition => Code::StripOfferIgnition,
            default => null,
        };

        return $code === null ? [] : [new Instruction($code)];
    }

    /** @return list<Instruction> */
    public function prepare(End $end): array
    {
        return [
            ...$end === $this->line->ends[0] ? $this->tube() : [],
            ...$end->wires > 1 ? [new Instruction(Code::PrepareTogether, ['wires' => $end->wires])] : [],
            new Instruction($this->strands($end)),
            ...$end->runsThrough ? [new Instruction(Code::PrepareRunsThrough)] : [],
        ];
    }

    /** @return list<Instruction> the tube that is shrunk later */
    private function tube(): array
    {
        if ($this->sleeve === null) {
            return [];
        }

        return [
            new Instruction(Code::PrepareSleeve, [...self::number('name', $this->sleeve->name), ...self::number('length', $this->sleeve->cutLength)]),
            ...$this->sleeve->neededRatio === null ? [] : [new Instruction(Code::PrepareNoStock, self::number('ratio', $this->sleeve->neededRatio))],
            ...$this->line->terminal?->class->isSoldered() === true ? [new Instruction(Code::PrepareSleeveAway)] : [],
        ];
    }

    private function strands(End $end): Code
    {
        $class = $this->line->terminal?->class;
        $isSolid = $end->wire->construction === Construction::Solid;
        $prep = $this->line->joint->prep;

        return match (true) {
            $class?->takesUnstripped() === true => Code::PrepareUnstripped,
            $class === TerminalClass::PushIn => Code::PreparePushIn,
            $class === TerminalClass::TwistOn => Code::PrepareTwistOn,
            $class === TerminalClass::SolderSplice => Code::PrepareSplice,
            $class === TerminalClass::Ignition => Code::PrepareIgnition,
            $class === TerminalClass::Coax => Code::PrepareCoax,
            $isSolid => Code::PrepareSolid,
            $prep === Preparation::Tin => Code::PrepareTin,
            $prep === Preparation::Twist => Code::PrepareTwist,
            $prep === Preparation::Relaid => Code::PrepareReLaid,
            $class?->isRolled() === true => Code::PrepareRolled,
            $class?->isFerrule() === true => Code::PrepareFerrule,
            $class === TerminalClass::ScrewClamp => Code::PrepareClamp,
            $class === TerminalClass::SolderCup => Code::PrepareCup,
            default => Code::PrepareClosed,
        };
    }

    /** @return list<Instruction> */
    public function crimp(StepCover $cover): array
    {
        $capability = $cover->chosen?->capability;
        $crimp = $capability instanceof Crimp ? $capability : null;
        $position = $cover->chosen?->position();
        $isColoured = $this->line->terminal?->class->isInsulated() === true && in_array($this->line->terminal->nest, self::COLOURS, true);

        return [
            ...$position === null ? [] : [new Instruction(Code::CrimpNest, ['position' => $position])],
            ...$isColoured ? [new Instruction(Code::CrimpColour)] : [],
            new Instruction($this->press($crimp?->profile, $crimp?->control)),
            ...$this->stroke($crimp),
            ...count($this->line->ends) > 1 && $this->line->terminal?->class !== TerminalClass::Tap ? [new Instruction(Code::CrimpEachEnd)] : [],
        ];
    }

    /** How the terminal lies in the tool; where no tool is chosen, in the one that would be right. */
    private function press(?Profile $profile, ?Control $control): Code
    {
        $isSmooth = $profile === Profile::Oval || $profile === Profile::Dimple;

        return match ($this->line->terminal?->class) {
            TerminalClass::Insulated => $profile === Profile::Indent ? Code::CrimpInsulatedIndent : Code::CrimpInsulated,
            TerminalClass::HeatShrink => Code::CrimpHeatShrink,
            TerminalClass::Bare => match (true) {
                $isSmooth => Code::CrimpBareSmooth,
                $profile === Profile::ThreePoint => Code::CrimpBarePoints,
                default => Code::CrimpBare,
            },
            TerminalClass::OpenBarrel => $profile === Profile::RollSingle ? Code::CrimpRolledSingle : Code::CrimpRolled,
            TerminalClass::SealedOpenBarrel => Code::CrimpSealed,
            TerminalClass::SolidContact => Code::CrimpSolidContact,
            TerminalClass::Ferrule, TerminalClass::TwinFerrule => Code::CrimpFerrule,
            TerminalClass::Lug => $profile === Profile::Hammer || $control === Control::Impact ? Code::CrimpLugHammer : Code::CrimpLug,
            TerminalClass::Tap => Code::CrimpTap,
            TerminalClass::Ribbon => Code::CrimpRibbon,
            TerminalClass::Ignition => Code::CrimpIgnition,
            default => Code::CrimpCoax,
        };
    }

    /** @return list<Instruction> */
    private function stroke(?Crimp $crimp): array
    {
        return match ($crimp?->control) {
            Control::FullCycle => [new Instruction(Code::StrokeFullCycle)],
            Control::Free => [new Instruction(Code::StrokeFree)],
            Control::Hydraulic => [new Instruction(Code::StrokeHydraulic)],
            Control::Screw => [new Instruction(Code::StrokeScrew)],
            Control::Impact => [new Instruction(Code::StrokeImpact)],
            null => [],
        };
    }

    /** @return list<Instruction> */
    public function solder(): array
    {
        $heat = $this->line->temperature;

        return [
            new Instruction(Code::SolderHeat, $heat === null ? [] : ['temperature' => $heat]),
            ...match ($this->line->terminal?->class) {
                TerminalClass::SolderCup => [new Instruction(Code::SolderCup)],
                TerminalClass::SolderSplice => [new Instruction(Code::SolderSplice)],
                default => [],
            },
            ...$this->sleeve === null ? [] : [new Instruction(Code::SolderSleeve)],
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
        return self::sectionReason($cover)->numbers ?? [];
    }

    private static function sectionReason(StepCover $cover): ?Reason
    {
        foreach ($cover->chosen->reasons ?? [] as $reason) {
            if ($reason->code === ReasonCode::SheathSection || $reason->code === ReasonCode::SheathCold) {
                return $reason;
            }
        }

        return null;
    }

    /** @return list<Instruction> nothing where the strands are not known */
    private function allowedDamage(End $end): array
    {
        $depth = $this->damage->depth($end);
        $strands = $this->damage->strands($end);
        if ($depth !== null) {
            return [new Instruction(Code::StripSolid, self::number('depth', $depth))];
        }
        if ($strands === null) {
            return [];
        }
        $many = (int) $end->wire->strands;
        $allowed = (int) $strands->value;

        return [new Instruction(Code::StripDamage, $allowed === 0 ? ['strands' => $many] : ['allowed' => $allowed, 'many' => $many])];
    }

    /** @return array<string, string|int|float> nothing where the figure is none */
    private static function number(string $name, ?Figure $figure): array
    {
        $value = $figure?->value;

        return $value === null || is_bool($value) ? [] : [$name => $value];
    }
}
