<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Value\Day;

/** What has happened, less what was voided, in the order of days; what happened on one day keeps its order. */
final readonly class Log
{
    /** @var array<string, list<Entry>> by the thing they are about */
    private array $byAsset;

    /** @param list<Entry> $entries in the order in which they were written, without those that were voided */
    private function __construct(public array $entries)
    {
        $byAsset = [];
        foreach ($entries as $entry) {
            $asset = $entry->asset();
            if ($asset !== null) {
                $byAsset[$asset->id][] = $entry;
            }
        }
        $this->byAsset = $byAsset;
    }

    /** @param list<Entry> $written in the order of the workbook */
    public static function of(array $written): self
    {
        $voided = [];
        foreach ($written as $entry) {
            if ($entry instanceof Voided) {
                $voided[$entry->entry] = true;
            }
        }
        $inForce = array_values(array_filter($written, static fn(Entry $entry): bool => !$entry instanceof Voided && !isset($voided[$entry->id])));
        // The sort is stable.
        usort($inForce, static fn(Entry $one, Entry $other): int => $one->on->number <=> $other->on->number);

        return new self($inForce);
    }

    /**
     * @param Day|null $day up to and with it; null for all
     *
     * @return list<Entry> about one thing, in the order of days
     */
    public function about(string $asset, ?Day $day = null): array
    {
        $all = $this->byAsset[$asset] ?? [];

        return $day === null ? $all : array_values(array_filter($all, static fn(Entry $entry): bool => !$entry->on->isAfter($day)));
    }
}
