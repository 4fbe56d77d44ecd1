<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Log\Cleared;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Value\Day;

/** When the pulls of a thing began to speak against it, and when it was last known to be good: what it made in between is in doubt. */
final readonly class LastGood
{
    private function __construct(
        /** Of the first subgroup since it was last cleared with a force under what it must hold, or of which a chart says something. */
        public Day $doubted,
        /** Of the last subgroup before that, or of the day on which it was cleared; null where it was never known to be good. */
        public ?Day $good,
    ) {}

    /**
     * @param list<Entry> $entries about one thing, in the order of days
     *
     * @return self|null null as long as nothing speaks against it
     */
    public static function before(array $entries, PullStandard $standard): ?self
    {
        $fired = [];
        foreach (ChartSetting::allOf($entries) as $setting) {
            foreach (ControlChart::of($entries, $setting, $standard)->subgroups ?? [] as $subgroup) {
                $fired[$subgroup->pull->id] = $subgroup->fired !== [];
            }
        }
        $good = $doubted = null;
        foreach ($entries as $entry) {
            if ($entry instanceof Cleared) {
                [$good, $doubted] = [$entry->on, null];
            } elseif ($entry instanceof Pulled && $doubted === null) {
                $isBad = ($fired[$entry->id] ?? false) || RequiredForce::isMissedBy($entry, $standard);
                [$good, $doubted] = $isBad ? [$good, $entry->on] : [$entry->on, null];
            }
        }

        return $doubted === null ? null : new self($doubted, $good);
    }
}
