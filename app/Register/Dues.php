<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use Gondrik\Core\OnDay\AssetDue;
use Gondrik\Core\OnDay\DueDates;
use Gondrik\Core\Skill\SignOffWanted;
use Gondrik\Core\Value\Day;

/** What is to be done to the things of a shop and for its people, and when: for the paper on the wall and for calendars elsewhere. */
final readonly class Dues
{
    /** So far it looks ahead unless somebody asks for more. */
    public const DAYS = 90;

    public function __construct(private ShopWorkbook $shops) {}

    /** @return list<AssetDue> */
    public function of(Shop $shop, Day $day, int $days = self::DAYS): array
    {
        return DueDates::of($this->shops->read($shop, Needs::of()->withRegister())->onDay()->histories, $day, $days);
    }

    /** @return list<SignOffWanted> of people: that have lapsed, will within so many days, or may be given for the first time */
    public function signOffs(Shop $shop, Day $day, int $days): array
    {
        return SignOffWanted::of($this->shops->read($shop, Needs::of()->withSkills())->skills($day), $day, $days);
    }

    /** @return array<string, non-empty-list<AssetDue>> by the Monday of each week; what is past stands first under "" */
    public function byWeek(Shop $shop, Day $day): array
    {
        $weeks = [];
        foreach ($this->of($shop, $day) as $due) {
            $weeks[(string) $due->week($day)][] = $due;
        }

        return $weeks;
    }
}
