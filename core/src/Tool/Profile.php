<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** Shape that a crimping die presses. */
enum Profile: string
{
    case Oval = 'oval';
    case Dimple = 'dimple';
    case Indent = 'indent';
    case ThreePoint = 'three-point';
    case Roll = 'roll';
    case RollSingle = 'roll-single';
    case FourIndent = 'four-indent';
    case Square = 'square';
    case Trapezoid = 'trapezoid';
    case Hexagon = 'hexagon';
    case Hammer = 'hammer';
    case Parallel = 'parallel';
    case Coax = 'coax';
    case Ignition = 'ignition';
    case Pliers = 'pliers';
}
