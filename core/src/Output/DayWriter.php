<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Calendar\CalendarDay;
use Gondrik\Core\OnDay\AssetStanding;
use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Wording\Sentence;

/** Kits on a day, and from day to day, as plain data. */
final readonly class DayWriter
{
    public function __construct(private Sentence $sentence = new Sentence()) {}

    /** @return array{on: string|null, hand: null, away: list<array<string, string|null>>} */
    public function kit(KitOnDay $stands): array
    {
        return ['on' => $stands->day?->plain(), 'hand' => null, 'away' => array_map(fn(AssetStanding $away): array => [
            'asset' => $away->asset->id,
            'tool' => $away->asset->tool->id,
            'code' => $away->standing->code?->value,
            'since' => $away->standing->since?->plain(),
            'until' => $away->standing->until?->plain(),
            'text' => $this->sentence->away($away->standing),
        ], $stands->away)];
    }

    /**
     * @param list<CalendarDay> $days
     *
     * @return list<array<string, mixed>>
     */
    public function days(array $days): array
    {
        return array_map(static fn(CalendarDay $day): array => [
            'on' => $day->on->plain(),
            'headline' => ReportWriter::headline($day->headline),
            'changes' => array_map(static fn(AssetStanding $change): array => ['asset' => $change->asset->id, 'counts' => $change->standing->counts, 'code' => $change->standing->code?->value], $day->changes),
        ], $days);
    }
}
