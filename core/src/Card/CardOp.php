<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;

/**
 * What one does at the bench: the operations that take a tool, and between them what takes eyes and hands. In the order of
 * work: a crimp is looked at and pulled while it can be seen, so before anything goes over it and before its housing.
 */
enum CardOp: string
{
    case Identify = 'identify';
    case Cut = 'cut';
    case StripSheath = 'strip-sheath';
    case Strip = 'strip';
    case Prepare = 'prepare';
    case Crimp = 'crimp';
    case Solder = 'solder';
    case Look = 'look';
    case Tug = 'tug';
    case PullTest = 'pull-test';
    case Sleeve = 'sleeve';
    case Extract = 'extract';
    case ShearScrew = 'shear-screw';
    case Torque = 'torque';
    case Fasten = 'fasten';
    case CleanUp = 'clean-up';

    public static function of(Operation $operation): self
    {
        return self::from($operation->value);
    }

    /** Whether it is done to one of two wires, and not to the termination as a whole. */
    public function isPerWire(): bool
    {
        return $this->at() <= self::PullTest->at();
    }

    /** Its place in the order of work; a screw that clamps the wire or its ferrule is tightened before it is looked at, any other after. */
    public function place(Line $line): int
    {
        $clamps = $line->terminal?->class === TerminalClass::ScrewClamp || $line->terminal?->class->isFerrule() === true;
        $isScrew = $this === self::Torque || $this === self::Fasten;

        return $clamps && $isScrew ? 2 * self::Solder->at() + 1 : 2 * $this->at();
    }

    private function at(): int
    {
        $at = array_search($this, self::cases(), true);
        assert(is_int($at));

        return $at;
    }
}
