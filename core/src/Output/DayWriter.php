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

    /** @return array{on: string|null, hand: string|null, away: list<array<string, string|null>>} */
    public function kit(KitOnDay $stands): array
    {
        return ['on' => $stands->day?->plain(), 'hand' => $stands->kit->worker?->id, 'away' => $this->away($stands->away)];
    }

    /**
     * @param list<AssetStanding> $away
     *
     * @return list<array<string, string|null>>
     */
    public function away(array $away): array
    {
        return array_map(fn(AssetStanding $away): array => [
            'asset' => $away->asset->id,
            'tool' => $away->asset->tool->id,
            'code' => $away->standing->code?->value,
            'since' => $away->standing->since?->plain(),
            'until' => $away->standing->until?->plain(),
            'text' => $this->sentence->away($away->standing),
        ], $away);
    }

    /**
     * The same with the model of each thing and a sentence, for the page.
     *
     * @param list<CalendarDay> $days
     *
     * @return list<array<string, mixed>>
     */
    public function toldDays(array $days): array
    {
        return array_map(fn(array $written, CalendarDay $day): array => [
            ...$written,
            'changes' => array_map(fn(array $change, AssetStanding $of): array => [...$change, 'tool' => $of->asset->tool->name, 'text' => $this->sentence->away($of->standing)], $written['changes'], $day->changes),
        ], $this->days($days), $days);
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
