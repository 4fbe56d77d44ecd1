<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\ConductorFacts;
use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Bench\FigureUnit;
use Gondrik\Core\Bench\Formula;
use Gondrik\Core\Bench\Pull;
use Gondrik\Core\Bench\SleeveChoice;
use Gondrik\Core\Bench\Source;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\PullTesting;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Verdict\ReasonCode;

/** The steps of a card: those of the report, and what eyes and hands do between them, in the order of work. */
final readonly class CardMaker
{
    private Making $making;

    private Finishing $finishing;

    private AllowedDamage $damage;

    public function __construct(private LineCover $cover, private HouseRules $rules, private ?SleeveChoice $sleeve)
    {
        $this->damage = AllowedDamage::of($cover->line, $rules);
        $this->making = new Making($cover->line, $sleeve, $this->damage);
        $this->finishing = new Finishing($cover->line, $rules);
    }

    /** @return list<CardStep> */
    public function steps(): array
    {
        $line = $this->cover->line;
        $steps = [...$this->instructions(), ...array_map($this->step(...), $this->cover->steps)];
        usort($steps, static fn(CardStep $one, CardStep $other): int => $one->op->place($line) <=> $other->op->place($line));

        return $steps;
    }

    /** @return list<CardStep> what takes no tool: for each wire, and for the whole once */
    private function instructions(): array
    {
        $line = $this->cover->line;
        $steps = [];
        foreach ($line->ends as $end) {
            $steps[] = $this->instruction(CardOp::Identify, $this->making->identify($end), $end, $this->measures($end));
            $first = $this->has(Operation::Strip, $end) ? [] : $this->making->slidOnFirst();
            $steps[] = $this->instruction(CardOp::Prepare, [...$first, ...$this->making->prepare($end)], $end);
            if ($this->rules->pullTest !== PullTesting::No) {
                $steps[] = $this->tug($end);
            }
        }
        // Two wires that are soldered together are one joint to look at.
        foreach ($line->terminal?->class === TerminalClass::SolderSplice ? [null] : $line->ends as $end) {
            $over = $this->rules->pullTest === PullTesting::No && !$this->has(Operation::PullTest) ? $this->finishing->drawnOver() : [];
            $steps[] = $this->instruction(CardOp::Look, [...$this->finishing->look(), ...$over], $end);
        }
        if ($this->finishing->tape() !== []) {
            $steps[] = $this->instruction(CardOp::Sleeve, $this->finishing->tape());
        }
        // Where nothing gets it out again, no step of the report speaks of the housing.
        if ($line->joint->housing && !$this->has(Operation::Extract)) {
            $steps[] = $this->instruction(CardOp::Extract, $this->finishing->housing());
        }
        if ($line->isOnAScrew() && !$this->has(Operation::Torque)) {
            $steps[] = $this->instruction(CardOp::Fasten, $this->finishing->fasten());
        }

        return [...$steps, $this->instruction(CardOp::CleanUp, $this->finishing->cleanUp())];
    }

    /** @param list<Instruction> $says */
    private function instruction(CardOp $op, array $says, ?End $end = null, Settings $settings = new Settings()): CardStep
    {
        return new CardStep($op, $end, null, $settings, $says);
    }

    private function tug(End $end): CardStep
    {
        $pull = $this->pull($end);
        $over = $this->has(Operation::PullTest) ? [] : $this->finishing->drawnOver();
        $force = Finishing::isWithinAHand($pull) ? $pull->force : null;

        return $this->instruction(CardOp::Tug, [...$this->finishing->tug($pull), ...$over], $end, new Settings(force: $force));
    }

    /** Whether the report has such a step, at this end where one is named. */
    private function has(Operation $operation, ?End $end = null): bool
    {
        foreach ($this->cover->steps as $cover) {
            if ($cover->step->operation === $operation && ($end === null || $cover->step->end === $end)) {
                return true;
            }
        }

        return false;
    }

    private function step(StepCover $cover): CardStep
    {
        $operation = $cover->step->operation;
        $end = $cover->step->end;
        $says = match (true) {
            $operation === Operation::Torque => $this->finishing->torque(),
            $operation === Operation::ShearScrew => $this->finishing->shear(),
            $end === null => [],
            default => match ($operation) {
                Operation::Cut => $this->making->cut($cover),
                Operation::StripSheath => $this->making->sheath($cover, $end),
                Operation::Strip => $this->making->strip($cover, $end),
                Operation::Crimp => $this->making->crimp($cover),
                Operation::Solder => $this->making->solder(),
                Operation::Sleeve => $this->finishing->sleeve($cover),
                Operation::PullTest => [...$this->finishing->pullTest($this->pull($end)), ...$this->finishing->drawnOver()],
                Operation::Extract => $this->finishing->housing(),
            },
        };
        $isHole = $cover->chosen === null;

        return new CardStep(
            CardOp::of($operation),
            $end,
            $cover,
            $this->settings($cover),
            $isHole ? [new Instruction(InstructionCode::Hole), ...$says] : $says,
            $isHole ? (new Operations($this->rules))->of($operation)->wanted([$cover->work]) : null,
        );
    }

    private function settings(StepCover $cover): Settings
    {
        $line = $this->cover->line;
        $end = $cover->step->end;

        return match ($cover->step->operation) {
            Operation::StripSheath => new Settings(
                sheathLength: self::mm($end?->wire->sheath?->strip, 'the wire in the workbook'),
                pulls: $this->pulls($cover),
                section: self::mm(Making::sectionOf($cover)['section'] ?? null, 'the tool in the workbook'),
            ),
            Operation::Strip => new Settings(
                stripLength: self::mm($line->terminal?->strip?->aim(), 'the terminal in the workbook'),
                damagedStrands: $end === null ? null : $this->damage->strands($end),
                nickDepth: $end === null ? null : $this->damage->depth($end),
                byMeasure: Making::hasReason($cover, ReasonCode::LengthByMeasure),
            ),
            Operation::Solder => new Settings(temperature: $line->temperature === null ? null : Figure::of($line->temperature, Source::stated('the line in the workbook'), FigureUnit::Celsius)),
            Operation::Sleeve => new Settings(cutLength: $this->sleeve?->cutLength),
            Operation::PullTest => new Settings(force: $end === null ? null : $this->pull($end)->force),
            Operation::Torque => new Settings(torque: $line->torque === null ? null : Figure::of($line->torque->newtonMetres, Source::stated('the line in the workbook'), FigureUnit::NewtonMetre)),
            default => new Settings(),
        };
    }

    private function measures(End $end): Settings
    {
        return new Settings(
            conductor: ConductorFacts::ofWire($end->wire)->diameter,
            insulationOd: self::mm($end->wire->insulationOd, 'the wire in the workbook'),
            sheathOd: self::mm($end->wire->sheath?->outsideDiameter(), 'the wire in the workbook'),
        );
    }

    /** For the section that counts, warm or cold; null where the tool states none. */
    private function pulls(StepCover $cover): ?Figure
    {
        $pulls = Making::sectionOf($cover)['pulls'] ?? null;

        return $pulls === null ? null : Figure::of((int) $pulls, Source::formula(Formula::Pulls));
    }

    private function pull(End $end): Pull
    {
        $terminal = $this->cover->line->terminal;
        assert($terminal !== null);

        return Pull::of($end->wire->size, $terminal->class, $this->rules->pullStandard);
    }

    private static function mm(mixed $length, string $by): ?Figure
    {
        return is_float($length) ? Figure::mm($length, Source::stated($by)) : null;
    }
}
