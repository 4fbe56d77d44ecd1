<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

/** What about a work makes a caution fit it. */
enum Trigger: string
{
    case Wire = 'wire';
    case Blade = 'blade';
    case Offcuts = 'offcuts';
    case Heat = 'heat';
    case Flame = 'flame';
    case Solder = 'solder';
    case Fumes = 'fumes';
    case Lug = 'lug';
    case Press = 'press';
    case Impact = 'impact';
    case Ratchet = 'ratchet';
    case ColdPvc = 'cold-pvc';
    case Away = 'away';
    case Puller = 'puller';
    case Imitation = 'imitation';
}
