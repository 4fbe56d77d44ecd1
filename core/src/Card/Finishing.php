<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Pull;
use Gondrik\Core\Bench\SampleSize;
use Gondrik\Core\Card\InstructionCode as Code;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\PullTesting;
use Gondrik\Core\Rules\SamplePlan;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Heat;
use Gondrik\Core\Tool\ShrinkSleeve;
use Gondrik\Core\Value\Tolerance;

/** What the card says once the wire is held: look, pull, what goes over it, housing, screw, floor. */
final readonly class Finishing
{
    /** N: what a hand can tell (common practice). */
    private const BY_HAND = 200.0;

    private const FEW = 3;

    public function __construct(private Line $line, private HouseRules $rules) {}

    /** @return list<Instruction> */
    public function look(): array
    {
        return [new Instruction(Code::LookOver)];
    }

    /** Whether a hand that pulls can know that it reaches the figure. */
    public static function isWithinAHand(Pull $pull): bool
    {
        $force = $pull->newtons();

        return $force === null || !Tolerance::isAbove($force, self::BY_HAND);
    }

    /** @return list<Instruction> */
    public function tug(Pull $pull): array
    {
        $force = $pull->newtons();
        $figure = ['standard' => (string) $pull->standardName(), ...$force === null ? [] : ['force' => $force], ...$pull->seconds() === null ? [] : ['hold' => $pull->seconds()]];

        return [
            new Instruction(Code::TugHand),
            match (true) {
                $force === null => $this->noFigure($pull),
                self::isWithinAHand($pull) => new Instruction(Code::TugMinimum, $figure),
                default => new Instruction(Code::TugTester, ['standard' => $figure['standard']]),
            },
            ...$this->rules->pullTest === PullTesting::Sample && $force !== null ? [$this->samples($figure)] : [],
        ];
    }

    /** @param array<string, float|int|string> $figure to which they are pulled */
    private function samples(array $figure): Instruction
    {
        $of = $this->line->quantity;

        return match (true) {
            $this->rules->samplePlan === SamplePlan::LotSize => new Instruction(Code::TugSampleLot, ['pieces' => SampleSize::of($of), 'of' => $of, ...$figure]),
            // Of three all are the first, the middle or the last.
            $of > self::FEW => new Instruction(Code::TugSample, ['of' => $of, ...$figure]),
            default => new Instruction(Code::TugSample, $figure),
        };
    }

    /** @return list<Instruction> */
    public function pullTest(Pull $pull): array
    {
        $force = $pull->newtons();

        return [$force === null ? $this->noFigure($pull) : new Instruction(Code::PullTo, [
            'force' => $force,
            'standard' => (string) $pull->standardName(),
            ...$pull->seconds() === null ? [] : ['hold' => $pull->seconds()],
        ])];
    }

    private function noFigure(Pull $pull): Instruction
    {
        $standard = $pull->standardName();

        return $standard === null ? new Instruction(Code::TugNoStandard) : new Instruction(Code::TugNoFigure, ['standard' => $standard]);
    }

    /** @return list<Instruction> what was slid on first and is drawn over without heat, once nothing has to be seen any more */
    public function drawnOver(): array
    {
        return match ($this->line->terminal?->class) {
            TerminalClass::Coax => [new Instruction(Code::OverCoax)],
            TerminalClass::Ignition => [new Instruction(Code::OverIgnition)],
            default => [],
        };
    }

    /** @return list<Instruction> */
    public function sleeve(StepCover $cover): array
    {
        $capability = $cover->chosen?->capability;
        $heat = $capability instanceof ShrinkSleeve ? $capability->heat : null;
        $isItsOwn = $this->line->terminal?->class === TerminalClass::HeatShrink && !$this->line->sleeve->isTube();

        return [
            new Instruction(Code::SleeveAfter),
            new Instruction($isItsOwn ? Code::SleeveOwn : Code::SleeveCover),
            ...$this->line->sleeve === Sleeve::Lined ? [new Instruction(Code::SleeveLined)] : [],
            ...$heat === null ? [] : [new Instruction($heat === Heat::Gun ? Code::SleeveGun : Code::SleeveFlame)],
        ];
    }

    /** @return list<Instruction> what is wound by hand, without a tool */
    public function tape(): array
    {
        return $this->line->isTaped() ? [new Instruction(Code::SleeveTape)] : [];
    }

    /** @return list<Instruction> */
    public function housing(): array
    {
        $code = $this->line->terminal?->extractCode;

        return [new Instruction(Code::HousingLatch), ...$code === null ? [] : [new Instruction(Code::HousingOut, ['code' => $code])]];
    }

    /** @return list<Instruction> */
    public function shear(): array
    {
        return $this->line->shear === null ? [] : [new Instruction(Code::ShearThread, ['thread' => $this->line->shear])];
    }

    /** @return list<Instruction> */
    public function torque(): array
    {
        return [
            ...$this->stud(),
            $this->line->torque === null ? new Instruction(Code::TorqueNoFigure) : new Instruction(Code::TorqueTo, ['torque' => $this->line->torque->newtonMetres]),
        ];
    }

    /** @return list<Instruction> of a screw that nothing tightens by torque */
    public function fasten(): array
    {
        return [...$this->stud(), new Instruction(Code::FastenFirmly)];
    }

    /** @return list<Instruction> */
    private function stud(): array
    {
        $stud = $this->line->joint->stud ?? $this->line->terminal?->stud;

        return $stud === null ? [] : [new Instruction(Code::TorqueStud, ['stud' => $stud->written])];
    }

    /** @return list<Instruction> */
    public function cleanUp(): array
    {
        return [new Instruction(Code::CleanUp)];
    }
}
