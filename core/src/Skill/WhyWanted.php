<?php

declare(strict_types=1);

namespace Gondrik\Core\Skill;

/** Why somebody is to be signed off. */
enum WhyWanted: string
{
    /** A sign-off has gone. */
    case Lapsed = 'lapsed';
    /** One will soon. */
    case Lapses = 'lapses';
    /** Enough was practised, and enough of it was good. */
    case Ready = 'ready';
}
