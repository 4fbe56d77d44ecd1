<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Wire\Wire;

/** One operation that a line needs; for a splice once for each of its wires. */
final readonly class Step
{
    public function __construct(
        public Operation $operation,
        public Line $line,
        /** The wire it is done to; null for a bare screw. */
        public ?Wire $wire,
        /** Wires laid together in the barrel. */
        public int $wires = 1,
        /** The wire is opened in mid-span: only ever the line's first wire, the other end of a splice is a branch. */
        public bool $midSpan = false,
    ) {}

    /** mm over all wires laid together, where the insulation is known */
    public function insulationOd(): ?float
    {
        return $this->wire?->insulationOd === null ? null : $this->wire->insulationOd * $this->wires;
    }

    /**
     * Equal for steps that every tool answers alike, whatever line they stand in. A step's answer hangs on its operation,
     * its wire, its terminal and what the line says of the place and the hand; never on quantity, name or note.
     */
    public function key(): string
    {
        $line = $this->line;
        $place = ($line->noMains ? 'm' : '') . ($line->access === Access::Tight ? 't' : '');
        $wire = $this->operation->value . '|' . $place . '|' . $this->wire?->id;

        return match ($this->operation) {
            Operation::Cut, Operation::Sleeve => $wire,
            Operation::Strip => $wire . '|' . ($this->midSpan ? 'mid' : '') . $line->terminal?->strip?->aim(),
            Operation::StripSheath => $wire . '|' . $line->ambient,
            Operation::Crimp => $wire . '|' . $this->wires . '|' . $line->terminal?->id . '|' . $line->clamp?->value . ($line->wet ? 'w' : '') . ($line->hasSleeve() ? 's' : ''),
            Operation::Solder => $wire . '|' . $line->temperature,
            Operation::Torque => $this->operation->value . '|' . $place . '|' . $line->torque,
            Operation::PullTest, Operation::Extract, Operation::ShearScrew => $wire . '|' . $line->terminal?->id,
        };
    }
}
