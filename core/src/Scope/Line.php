<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Size\Torque;
use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Inline;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\Wire;

/**
 * One line of a scope: this wire into this terminal so many times, or a screw to be cut to length or tightened.
 * The iron's temperature in °C.
 */
final readonly class Line
{
    use Changed;

    /** @var list<End> what a bare screw has none of */
    public array $ends;

    /** What is over the termination once the steps are done. */
    public Sleeve $sleeve;

    /** @throws Invalid naming the field that cannot be */
    public function __construct(
        public string $id,
        #[ByReference]
        public ?Wire $wire = null,
        #[ByReference]
        public ?Terminal $terminal = null,
        public int $quantity = 1,
        /** The wire at the other end of a splice. */
        #[ByReference]
        public ?Wire $wireB = null,
        #[Inline]
        public Joint $joint = new Joint(),
        #[Inline]
        public Surroundings $surroundings = new Surroundings(),
        public ?Torque $torque = null,
        /** Thread of a screw that is cut to length, "6-32". */
        public ?string $shear = null,
        /** Of the soldering iron. */
        public ?float $temperature = null,
        #[Inline]
        public HandSteps $byHand = new HandSteps(),
        public ?string $note = null,
    ) {
        if ($wire === null && $terminal === null) {
            $this->refuseNoScrew();
        } elseif ($wire === null || $terminal === null) {
            throw Invalid::at($wire === null ? 'wire' : 'terminal', null, 'a line has both a wire and a terminal, or is a screw with a torque or a thread to shear');
        } elseif ($shear !== null) {
            throw Invalid::at('shear', $shear, 'only a line without wire and terminal is a screw that is cut to length');
        }
        if ($wireB !== null && $terminal?->ends !== 2) {
            throw Invalid::at('wireB', $wireB->id, 'a second wire needs a terminal with two ends (ends: 2)');
        }
        $this->refuseDroppingTheEnd();
        foreach ($byHand->add as $index => $step) {
            $this->refuseAdding($step->op, 'add/' . $index . '/op');
        }
        $ends = $wire === null ? [] : [new End($wire, $joint->wiresInBarrel, $joint->midSpan, $terminal?->class === TerminalClass::Tap)];
        $this->ends = $wireB === null ? $ends : [...$ends, new End($wireB)];
        $this->sleeve = $this->sleeveOnceDone();
    }

    /** The same line, so many times. */
    public function times(int $quantity): self
    {
        return $this->but(quantity: $quantity);
    }

    /** The same line under another id. */
    public function called(string $id): self
    {
        return $this->but(id: $id);
    }

    /** The same line with another terminal, and what it then says of a sleeve. */
    public function onto(Terminal $terminal, ?Sleeve $sleeve): self
    {
        return $this->but(terminal: $terminal, joint: $this->joint->under($sleeve));
    }

    /** Whether two lines say the same but for their ids and how many there are. */
    public function saysTheSameAs(self $other): bool
    {
        return [$this->wire?->id, $this->terminal?->id, $this->wireB?->id, $this->note] === [$other->wire?->id, $other->terminal?->id, $other->wireB?->id, $other->note]
            && $this->hasFiguresOf($other)
            // Of two readings the groups are other objects of the same content.
            && serialize([$this->joint, $this->surroundings, $this->byHand]) === serialize([$other->joint, $other->surroundings, $other->byHand]);
    }

    /**
     * Equal for lines that need the same steps and pass the same checks: they differ in name, number and note at most, and
     * in the figures that hasFiguresOf() compares.
     */
    public function work(): string
    {
        return $this->wire?->id . '|' . $this->terminal?->id . '|' . $this->wireB?->id . '|'
            . spl_object_id($this->joint) . '|' . spl_object_id($this->surroundings) . '|' . spl_object_id($this->byHand)
            . ($this->torque === null ? '' : '|torque') . ($this->shear === null ? '' : '|shear');
    }

    /** Whether its screw and its iron are set to the same: torque, thread, temperature. */
    public function hasFiguresOf(self $other): bool
    {
        return $this->torque?->newtonMetres === $other->torque?->newtonMetres && $this->shear === $other->shear && $this->temperature === $other->temperature;
    }

    /** A tube dropped by hand is none, one added by hand a plain one. */
    private function sleeveOnceDone(): Sleeve
    {
        $stated = $this->joint->sleeve ?? $this->terminal->sleeve ?? Sleeve::None;
        if ($stated->isTube()) {
            return $this->byHand->drops(Operation::Sleeve) ? Sleeve::None : $stated;
        }
        $isAdded = $this->terminal?->class !== TerminalClass::HeatShrink && $this->byHand->adds(Operation::Sleeve) && !$this->byHand->drops(Operation::Sleeve);

        return $isAdded ? Sleeve::Plain : $stated;
    }

    /** Tape is wound, not a step; it stays whatever is done by hand. */
    public function isTaped(): bool
    {
        return ($this->joint->sleeve ?? $this->terminal?->sleeve) === Sleeve::Tape;
    }

    /** As far as its terminal says: it has a hole for a stud, or is a ferrule in anything but a spring clamp. */
    public function goesUnderAScrew(): bool
    {
        return $this->terminal?->stud !== null || ($this->terminal?->class->isFerrule() === true && $this->joint->clamp !== Clamp::Spring);
    }

    /** It ends on a stud, or is tightened to a torque. */
    public function isOnAScrew(): bool
    {
        return $this->terminal !== null && ($this->joint->stud !== null || $this->terminal->stud !== null || $this->torque !== null);
    }

    /** The step that holds the wire: its crimp, its solder, a screw clamp's torque. What is pushed or twisted on has none. */
    private function endingStep(): ?Operation
    {
        $class = $this->terminal?->class;

        return match (true) {
            $class === null => null,
            $class === TerminalClass::ScrewClamp => Operation::Torque,
            $class->isSoldered() => Operation::Solder,
            $class->isCrimped() => Operation::Crimp,
            default => null,
        };
    }

    private function refuseNoScrew(): void
    {
        if ($this->torque === null && $this->shear === null) {
            throw Invalid::at('', $this->id, 'give a wire and a terminal, or the torque of a screw, or its thread to shear');
        }
        if ($this->wireB !== null) {
            throw Invalid::at('wireB', $this->wireB->id, 'a second wire needs a first one');
        }
    }

    private function refuseDroppingTheEnd(): void
    {
        foreach ($this->byHand->drop as $index => $step) {
            if ($step->op === $this->endingStep()) {
                throw Invalid::at('drop/' . $index . '/op', $step->op->value, 'the step that ends the wire cannot be dropped');
            }
            $isOnlyStep = $this->wire === null && ($step->op === Operation::Torque ? $this->shear === null : $step->op === Operation::ShearScrew && $this->torque === null);
            if ($isOnlyStep) {
                throw Invalid::at('drop/' . $index . '/op', $step->op->value, 'the only step of a screw cannot be dropped');
            }
        }
    }

    private function refuseAdding(Operation $op, string $field): void
    {
        $class = $this->terminal?->class;
        $isAnotherClass = in_array($op, [Operation::Crimp, Operation::Solder], true)
            && $op !== $this->endingStep()
            && !($op === Operation::Solder && $class?->isCrimped() === true);
        $expected = match (true) {
            $op === Operation::ShearScrew => $this->shear !== null ? null : 'only a screw with a thread to shear is cut to length',
            $this->wire === null => $op === Operation::Torque ? null : 'a line without a wire has only its screw',
            $isAnotherClass => 'no crimp or solder of another class of terminal',
            $op === Operation::StripSheath && $this->wire->sheath === null && $this->wireB?->sheath === null => 'the wire has no sheath to take off',
            $op === Operation::Extract && $this->terminal?->extractCode === null => 'the terminal names no extractCode',
            default => null,
        };
        if ($expected !== null) {
            throw Invalid::at($field, $op->value, $expected);
        }
    }
}
