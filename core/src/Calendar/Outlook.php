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

/** What a kit lacks on a day of what it covers of a scope with all that is packed, and what opens in the days after it. */
final readonly class Outlook
{
    /**
     * @param int                 $lost     terminations in a hole on the day, and not with all that is packed
     * @param list<AssetStanding> $away     what does not count in the kit on the day
     * @param list<Opening>       $openings in the order of days
     */
    private function __construct(public Kit $kit, public Scope $scope, public int $lost, public array $away, public array $openings) {}

    /** @param int $days from the first on, at least one */
    public static function of(ShopOnDay $shop, Kit $kit, Scope $scope, HouseRules $rules, Day $from, int $days, Known $known): self
    {
        $told = (new Calendar($shop, $kit, $scope, $rules, $known))->days($from, $days);
        $paper = Coverage::headline($shop->kit($kit, null, $rules)->kit, $scope, $rules, $known);
        $openings = [];
        foreach (array_slice($told, 1) as $before => $day) {
            $more = $day->headline->hole - $told[$before]->headline->hole;
            if ($more > 0) {
                $openings[] = new Opening($day, $more);
            }
        }

        return new self($kit, $scope, max(0, $told[0]->headline->hole - $paper->hole), $shop->kit($kit, $from, $rules)->away, $openings);
    }
}
