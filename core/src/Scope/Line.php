<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\ByReference;
use Gondrik\Core\Invalid;
use Gondrik\Core\ListOf;
use Gondrik\Core\Terminal\Place;
use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Wire\Wire;

/**
 * One line of a scope: this wire into this terminal so many times, or a screw to be tightened.
 * Temperatures in °C, torque in N·m.
 */
final readonly class Line
{
    /**
     * @param list<HandStep> $add
     * @param list<HandStep> $drop
     *
     * @throws Invalid naming the field that cannot be
     */
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
        /** Wires of the first kind laid together in its barrel. */
        public int $wiresInBarrel = 1,
        public Preparation $prep = Preparation::None,
        public ?Stud $stud = null,
        public ?Clamp $clamp = null,
        public Place $place = Place::Plain,
        public bool $wet = false,
        public float $ambient = 20.0,
        public bool $noMains = false,
        public Access $access = Access::Open,
        /** The wire is opened in mid-span, not cut. */
        public bool $midSpan = false,
        public bool $housing = false,
        public bool $sleeve = false,
        public ?float $torque = null,
        /** Of the soldering iron. */
        public ?float $temperature = null,
        #[ListOf(HandStep::class)]
        public array $add = [],
        #[ListOf(HandStep::class)]
        public array $drop = [],
        public ?string $note = null,
    ) {
        if ($wire === null && $terminal === null) {
            if ($torque === null) {
                throw Invalid::at('', $id, 'give a wire and a terminal, or the torque of a screw');
            }
            if ($wireB !== null) {
                throw Invalid::at('wireB', $wireB->id, 'a second wire needs a first one');
            }
        } elseif ($wire === null || $terminal === null) {
            throw Invalid::at($wire === null ? 'wire' : 'terminal', null, 'a line has both a wire and a terminal, or a torque alone');
        }
        if ($wireB !== null && $terminal?->ends !== 2) {
            throw Invalid::at('wireB', $wireB->id, 'a second wire needs a terminal with two ends (ends: 2)');
        }
        foreach ($drop as $index => $step) {
            if ($step->op === $this->endingStep()) {
                throw Invalid::at('drop/' . $index . '/op', $step->op->value, 'the step that ends the wire cannot be dropped');
            }
        }
        foreach ($add as $index => $step) {
            $this->refuseAdding($step->op, 'add/' . $index . '/op');
        }
    }

    /** The step that holds the wire: its crimp, its solder, a screw clamp's torque. A bare screw has only its torque. */
    public function endingStep(): Operation
    {
        return match (true) {
            $this->terminal === null, $this->terminal->class === TerminalClass::ScrewClamp => Operation::Torque,
            $this->terminal->class->isSoldered() => Operation::Solder,
            default => Operation::Crimp,
        };
    }

    /** Whether a sleeve is shrunk over the termination besides what its class has. */
    public function hasSleeve(): bool
    {
        return $this->sleeve || $this->terminal?->sleeve === true;
    }

    private function refuseAdding(Operation $op, string $field): void
    {
        $expected = match (true) {
            $op === Operation::ShearScrew => 'an operation on a termination; cutting screws is no step of a line',
            in_array($op, [Operation::Crimp, Operation::Solder], true) && $op !== $this->endingStep() => 'no crimp or solder of another class of terminal',
            $op !== Operation::Torque && $this->wire === null => 'a line without a wire has only its torque',
            $op === Operation::StripSheath && $this->wire?->sheath === null && $this->wireB?->sheath === null => 'the wire has no sheath to take off',
            $op === Operation::Extract && $this->terminal?->extractCode === null => 'the terminal names no extractCode',
            default => null,
        };
        if ($expected !== null) {
            throw Invalid::at($field, $op->value, $expected);
        }
    }
}
