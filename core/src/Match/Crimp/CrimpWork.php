<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Crimp;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\Clamp;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\TerminalClass;

/** A terminal to be pressed onto a wire, or onto several that lie together. */
final readonly class CrimpWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public Size $wire,
        /** Wires whose areas add up in the barrel; a twin ferrule is measured by one of its two. */
        public int $wires,
        /** mm over the insulation of all wires laid together, where known */
        public ?float $od,
        public TerminalClass $class,
        /** The terminal's size as the house reads it. */
        public SizeRange $terminal,
        /** Code of the nest it belongs in. */
        public ?string $nest,
        public ?Limits $seal,
        public bool $sleeveToRear,
        /** Of a ferrule. */
        public ?Clamp $clamp,
        public bool $isWet,
        /** A tube is shrunk over it. */
        public bool $isSleeved,
    ) {
        parent::__construct($conditions);
    }

    public function size(): Size
    {
        return $this->wire;
    }

    protected function values(): array
    {
        return [
            $this->wire->written,
            $this->wires,
            $this->od,
            $this->class,
            $this->terminal->written,
            $this->nest,
            $this->seal?->min,
            $this->seal?->max,
            $this->sleeveToRear,
            $this->clamp,
            $this->isWet,
            $this->isSleeved,
        ];
    }
}
