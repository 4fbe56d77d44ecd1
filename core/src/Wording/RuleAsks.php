<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

/** What kind of answer a house rule asks for. */
enum RuleAsks: string
{
    /** One of several, yes or no among them. */
    case One = 'one';
    /** Any number of a list, or none. */
    case Some = 'some';
    case Number = 'number';
    /** How many of a hundred, as 0.02. */
    case Share = 'share';
    /** For what hands find, how a thing is from then on. */
    case Findings = 'findings';
}
