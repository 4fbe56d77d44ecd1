<?php

declare(strict_types=1);

namespace Gondrik\Core\Calendar;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Known;
use Gondrik\Core\Coverage\Report;
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
        $report = Coverage::of($shop->kit($kit, $day, $rules)->kit, $scope, $rules);
        $gone = Coverage::headline($shop->without($asset)->kit($kit, $day, $rules)->kit, $scope, $rules, new Known());

        return new self(
            self::taken($report)[$asset] ?? 0,
            max(0, $gone->hole - $report->headline->hole),
        );
    }

    /**
     * For how many terminations things are taken: each, and others of its model, for every line of which it does a step.
     *
     * @return array<string, int> by tag
     */
    public static function taken(Report $report): array
    {
        $taken = [];
        foreach ($report->lines as $cover) {
            $of = array_merge(...array_map(static fn(StepCover $step): array => $step->chosen->part->assets ?? [], $cover->steps));
            foreach (array_unique($of) as $asset) {
                $taken[$asset] = ($taken[$asset] ?? 0) + $cover->line->quantity;
            }
        }

        return $taken;
    }
}
