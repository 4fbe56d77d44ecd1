<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Asset\Terms;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Value\Day;

/**
 * A thing that has come lately: what is looked at before it is used, and until when it can go back. A borrowed one has a day on
 * which it goes home, however long it has been here.
 */
final readonly class FirstWeeks
{
    /** Days after which nobody looks at a thing for the first time any more. */
    private const DAYS = 30;

    /** Days before it in which the day of going back is told. */
    private const AHEAD = 14;

    /** What a first check is about, the most telling operation first. */
    private const CHECKED = [Operation::Crimp, Operation::Strip, Operation::StripSheath, Operation::Torque, Operation::Cut];

    private function __construct(
        /** The operation by which it is to be looked at; null when somebody has, or there is nothing to look at. */
        public ?Operation $check,
        /** The last day on which it can go back, told while there is still something to do about it. */
        public ?Day $returnBy,
    ) {}

    public static function of(AssetHistory $history, Day $day): self
    {
        $asset = $history->asset;
        if ($history->on($day)->condition === Condition::Retired) {
            return new self(null, null);
        }
        $age = $asset->bought === null ? null : $day->number - $asset->bought->number;
        $isNew = $age !== null && $age >= 0 && $age < self::DAYS;
        $does = $asset->tool->operations();
        $checks = array_values(array_filter(self::CHECKED, static fn(Operation $of): bool => in_array($of->value, $does, true)));
        $left = $asset->returnBy === null || ($age !== null && $age < 0) ? null : $asset->returnBy->number - $day->number;
        // What is the shop's own stays when its day has gone by; what is not is overdue.
        $isTold = $left !== null && $left <= self::AHEAD && ($left >= 0 || $asset->terms !== Terms::Owned);

        return new self($isNew && !$history->wasLookedAt($day) ? $checks[0] ?? null : null, $isTold ? $asset->returnBy : null);
    }
}
