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
    case Battery = 'battery';
    case Sunlight = 'sunlight';
    case Press = 'press';
    case Impact = 'impact';
    case Ratchet = 'ratchet';
    case Cold = 'cold';
    case Away = 'away';
    case Puller = 'puller';
    case Imitation = 'imitation';
}
