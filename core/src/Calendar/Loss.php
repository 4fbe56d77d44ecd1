<?php

declare(strict_types=1);

namespace Gondrik\Core\Calendar;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Known;
use Gondrik\Core\OnDay\AssetStanding;
use Gondrik\Core\OnDay\ShopOnDay;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\Day;

/** What a kit covers of a scope with all that is packed, and not with what counts on a day. */
final readonly class Loss
{
    /** @param list<AssetStanding> $away what does not count in the kit on that day */
    private function __construct(public Kit $kit, public Scope $scope, public int $terminations, public array $away) {}

    /** Null where nothing is lost. */
    public static function on(Day $day, ShopOnDay $shop, Kit $kit, Scope $scope, HouseRules $rules, Known $known): ?self
    {
        $paper = Coverage::headline($shop->kit($kit, null, $rules)->kit, $scope, $rules, $known);
        $stands = $shop->kit($kit, $day, $rules);
        $lost = Coverage::headline($stands->kit, $scope, $rules, $known)->hole - $paper->hole;

        return $lost > 0 ? new self($kit, $scope, $lost, $stands->away) : null;
    }
}
