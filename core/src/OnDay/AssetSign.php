<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Value\Day;

/** What is to be seen first of a thing on a day: of what holds the one that asks the most of somebody. */
enum AssetSign: string
{
    case NotYet = 'not-yet';
    /** Out, and the day on which it was to be back has gone. */
    case Overdue = 'overdue';
    case Out = 'out';
    case Retired = 'retired';
    /** A pull was under what it must hold. */
    case Held = 'held';
    /** Something without which it does not count is past, has failed, or was never done. */
    case Past = 'past';
    case Seldom = 'seldom';
    case Watch = 'watch';
    /** Something is due within so many days, or is past and it counts all the same. */
    case Soon = 'soon';
    case In = 'in';

    private const SOON = 30;

    /** @param list<DueKind> $counting kinds of due without which it does not count */
    public static function of(AssetOnDay $state, Day $day, array $counting): self
    {
        $isCounting = static fn(DueState $due): bool => in_array($due->due->kind, $counting, true);
        $past = array_filter($state->dues, static fn(DueState $due): bool => $due->code !== null);

        return match (true) {
            !$state->isBought => self::NotYet,
            $state->out?->due !== null && $day->isAfter($state->out->due) => self::Overdue,
            $state->out !== null => self::Out,
            $state->condition === Condition::Retired => self::Retired,
            $state->pullUnder !== null => self::Held,
            array_filter($past, $isCounting) !== [] => self::Past,
            $state->condition === Condition::Seldom => self::Seldom,
            $state->condition === Condition::Watch => self::Watch,
            $past !== [] || array_filter($state->dues, static fn(DueState $due): bool => $due->next !== null && !$due->next->isAfter($day->plus(self::SOON))) !== [] => self::Soon,
            default => self::In,
        };
    }
}
