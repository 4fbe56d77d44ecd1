<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** Kinds of questions; their sentences stand in data/questions.csv. */
enum QuestionCode: string
{
    /** Several are as good. */
    case Which = 'which';
    /** A number without a unit that several have. */
    case WhichSize = 'which-size';
    /** "4 mm": a diameter, or an area. */
    case WhichMillimetres = 'which-millimetres';
    /** A number in front that may be a gauge, or how many. */
    case GaugeOrCount = 'gauge-or-count';
    case NoWire = 'no-wire';
    case NoTerminal = 'no-terminal';
    case HowCold = 'how-cold';
    /** What was read does not go together. */
    case CannotBe = 'cannot-be';
}
