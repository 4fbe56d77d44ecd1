<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Pull;
use Gondrik\Core\Card\InstructionCode as Code;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\PullTesting;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Heat;
use Gondrik\Core\Tool\ShrinkSleeve;

/** What the card says once the wire is held: sleeve, housing, look, pull, screw, floor. */
final readonly class Finishing
{
    public function __construct(private Line $line, private HouseRules $rules) {}

    /** @return list<Instruction> */
    public function sleeve(StepCover $cover): array
    {
        $capability = $cover->chosen?->capability;
        $heat = $capability instanceof ShrinkSleeve ? $capability->heat : null;

        return [
            new Instruction($this->line->terminal?->class === TerminalClass::HeatShrink ? Code::SleeveOwn : Code::SleeveCover),
            ...$heat === null ? [] : [new Instruction($heat === Heat::Gun ? Code::SleeveGun : Code::SleeveFlame)],
        ];
    }

    /** @return list<Instruction> */
    public function housing(): array
    {
        $code = $this->line->terminal?->extractCode;

        return [new Instruction(Code::HousingLatch), ...$code === null ? [] : [new Instruction(Code::HousingOut, ['code' => $code])]];
    }

    /** @return list<Instruction> */
    public function look(): array
    {
        // Where nothing gets it out again, no step speaks of the housing.
        $latches = $this->line->joint->housing && $this->line->terminal?->extractCode === null;

        return [
            ...$this->line->isTaped() ? [new Instruction(Code::SleeveTape)] : [],
            ...$latches ? [new Instruction(Code::HousingLatch)] : [],
            new Instruction(Code::LookOver),
        ];
    }

    /** @return list<Instruction> */
    public function tug(Pull $pull): array
    {
        $force = $pull->force->value;
        $standard = (string) $pull->standard->value;

        return [
            new Instruction(Code::TugHand),
            is_float($force) ? new Instruction(Code::TugMinimum, ['force' => $force, 'standard' => $standard]) : new Instruction(Code::TugNoFigure, ['standard' => $standard]),
            ...$this->rules->pullTest === PullTesting::Sample && is_float($force) ? [new Instruction(Code::TugSample)] : [],
        ];
    }

    /** @return list<Instruction> */
    public function pullTest(Pull $pull): array
    {
        $force = $pull->force->value;
        $standard = (string) $pull->standard->value;

        return [is_float($force) ? new Instruction(Code::PullTo, ['force' => $force, 'standard' => $standard]) : new Instruction(Code::TugNoFigure, ['standard' => $standard])];
    }

    /** @return list<Instruction> */
    public function shear(): array
    {
        return $this->line->shear === null ? [] : [new Instruction(Code::ShearThread, ['thread' => $this->line->shear])];
    }

    /** @return list<Instruction> */
    public function torque(): array
    {
        $stud = $this->line->joint->stud ?? $this->line->terminal?->stud;

        return [
            ...$stud === null ? [] : [new Instruction(Code::TorqueStud, ['stud' => $stud->written])],
            $this->line->torque === null ? new Instruction(Code::TorqueNoFigure) : new Instruction(Code::TorqueTo, ['torque' => $this->line->torque]),
        ];
    }

    /** @return list<Instruction> */
    public function cleanUp(): array
    {
        return [new Instruction(Code::CleanUp)];
    }
}
