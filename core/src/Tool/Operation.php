<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** One operation on a termination, in the order of work. */
enum Operation: string
{
    case Cut = 'cut';
    case StripSheath = 'strip-sheath';
    case Strip = 'strip';
    case Crimp = 'crimp';
    case Solder = 'solder';
    case Sleeve = 'sleeve';
    case ShearScrew = 'shear-screw';
    case Torque = 'torque';
    case PullTest = 'pull-test';
    case Extract = 'extract';
}
