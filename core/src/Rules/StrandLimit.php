<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

/** How many strands may be damaged: the column of data/strand-damage.csv. Lugs go by the strict one whatever the house says. */
enum StrandLimit: string
{
    case General = 'general';
    case HighReliability = 'high-reliability';
}
