<?php

declare(strict_types=1);

namespace Gondrik\Core\Calendar;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Headline;
use Gondrik\Core\Coverage\Known;
use Gondrik\Core\OnDay\AssetHistory;
use Gondrik\Core\OnDay\AssetStanding;
use Gondrik\Core\OnDay\AwayCode;
use Gondrik\Core\OnDay\ShopOnDay;
use Gondrik\Core\OnDay\Standing;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\Day;

/**
 * What a kit covers of a scope from day to day: the first day, then each on which one of its things, or of those that it may fetch,
 * counts otherwise than on the day before. What is known is the log and the dues.
 */
final class Calendar
{
    /** @var list<Kit> the kit and those that it shares, of which the things count */
    private readonly array $tracked;

    public function __construct(
        private readonly ShopOnDay $shop,
        private readonly Kit $kit,
        private readonly Scope $scope,
        private readonly HouseRules $rules,
        /** What is known of the scope may be shared with whoever else asks of it. */
        private readonly Known $known = new Known(),
    ) {
        $this->tracked = array_values(array_filter([$kit, ...$shop->shared($kit)], static fn(Kit $one): bool => $one->tracked));
    }

    /**
     * @param int $days from the first on, at least one
     *
     * @return non-empty-list<CalendarDay>
     */
    public function days(Day $from, int $days): array
    {
        $turns = $now = [];
        foreach ($this->shop->histories as $index => $history) {
            $now[$index] = $this->place($history, $from);
            foreach ($history->turns() as $day) {
                if ($day->isAfter($from) && !$day->isAfter($from->plus($days - 1))) {
                    $turns[$day->number]['day'] = $day;
                    $turns[$day->number]['of'][] = $index;
                }
            }
        }
        ksort($turns);
        $told = [new CalendarDay($from, $this->headline($from), [])];
        foreach ($turns as ['day' => $day, 'of' => $of]) {
            $changes = [];
            foreach ($of as $index) {
                $history = $this->shop->histories[$index];
                [$was, $is] = [$now[$index], $this->place($history, $day)];
                if ($was[0] !== $is[0] || !$was[1]->isAsGoodAs($is[1])) {
                    $changes[] = new AssetStanding($history->asset, $this->told($history, $day, $was[0], $is));
                }
                $now[$index] = $is;
            }
            if ($changes !== []) {
                $told[] = new CalendarDay($day, $this->headline($day), $changes);
            }
        }

        return $told;
    }

    /** @return array{Kit|null, Standing} in which of the kits a thing counts, if in any, and how it stands there */
    private function place(AssetHistory $history, Day $day): array
    {
        $state = $history->on($day);
        foreach ($this->tracked as $kit) {
            $standing = $state->standing($kit->id, $this->rules->duesThatCount);
            if ($standing->counts) {
                return [$kit, $standing];
            }
        }

        return [null, new Standing(false, AwayCode::Away)];
    }

    /**
     * Of what counts no longer why it does not where it did.
     *
     * @param array{Kit|null, Standing} $is
     */
    private function told(AssetHistory $history, Day $day, ?Kit $was, array $is): Standing
    {
        return $is[0] !== null || $was === null ? $is[1] : $history->on($day)->standing($was->id, $this->rules->duesThatCount);
    }

    private function headline(Day $day): Headline
    {
        $kit = $this->shop->kit($this->kit, $day, $this->rules)->kit;

        return Coverage::headline($kit, $this->scope, $this->rules, $this->known);
    }
}
