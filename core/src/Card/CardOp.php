<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;

/** What one does at the bench: the operations that take a tool, and between them what takes eyes and hands. */
enum CardOp: string
{
    case Identify = 'identify';
    case Cut = 'cut';
    case StripSheath = 'strip-sheath';
    case Strip = 'strip';
    case Prepare = 'prepare';
    case Crimp = 'crimp';
    case Solder = 'solder';
    case Sleeve = 'sleeve';
    case Extract = 'extract';
    case Look = 'look';
    case Tug = 'tug';
    case PullTest = 'pull-test';
    case ShearScrew = 'shear-screw';
    case Torque = 'torque';
    case CleanUp = 'clean-up';

    public static function of(Operation $operation): self
    {
        return self::from($operation->value);
    }

    /** Its place in the order of work; a screw clamp is tightened before it is looked at, any other screw after. */
    public function place(Line $line): int
    {
        $isClamp = $this === self::Torque && $line->terminal?->class === TerminalClass::ScrewClamp;
        $at = array_search($isClamp ? self::Solder : $this, self::cases(), true);
        assert(is_int($at));

        return $at;
    }
}
