<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

/** Why a thing does not count in a kit on a day, in the order in which they are told; the last says that it counts as makeshift only. */
enum AwayCode: string
{
    case NotYet = 'asset.not-yet';
    case Away = 'asset.away';
    case Retired = 'condition.retired';
    case PullUnder = 'pull.under';
    case DueFailed = 'due.failed';
    case DueNever = 'due.never';
    case DuePast = 'due.past';
    case Seldom = 'condition.seldom';
}
