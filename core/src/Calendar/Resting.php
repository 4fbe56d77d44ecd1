<?php

declare(strict_types=1);

namespace Gondrik\Core\Calendar;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Known;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\OnDay\ShopOnDay;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\Day;

/** What of a scope rests on one thing in a kit on a day. */
final readonly class Resting
{
    private function __construct(
        /** Terminations for which it, or another thing of its model, is taken. */
        public int $taken,
        /** Terminations that stand in a hole as soon as it is gone, and do not as long as it is there. */
        public int $lost,
    ) {}

    /** @param string $asset its tag */
    public static function of(ShopOnDay $shop, string $asset, Kit $kit, Scope $scope, HouseRules $rules, Day $day): self
    {
        $takes = static fn(StepCover $step): bool => in_array($asset, $step->chosen->part->assets ?? [], true);
        $report = Coverage::of($shop->kit($kit, $day, $rules)->kit, $scope, $rules);
        $taken = array_filter($report->lines, static fn(LineCover $cover): bool => array_filter($cover->steps, $takes) !== []);
        $gone = Coverage::headline($shop->without($asset)->kit($kit, $day, $rules)->kit, $scope, $rules, new Known());

        return new self(
            array_sum(array_map(static fn(LineCover $cover): int => $cover->line->quantity, $taken)),
            max(0, $gone->hole - $report->headline->hole),
        );
    }
}
