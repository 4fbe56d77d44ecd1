<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Tool\Due;
use Gondrik\Core\Value\Invalid;

/** Whether what a log says can be true. Of what was voided that is not asked. */
final readonly class LogCheck
{
    /**
     * @param array<int, Entry>   $written by their place in the log, in its order
     * @param array<string, true> $broken  ids of entries that could not be read
     *
     * @return list<Invalid> one for each that cannot be true, in the order of the log; the field is its place and key: "3/asset"
     */
    public static function problems(array $written, array $broken = []): array
    {
        [$voided, $problems] = self::voids($written, $broken);
        $inForce = array_filter($written, static fn(Entry $entry): bool => !$entry instanceof Voided && !isset($voided[$entry->id]));
        uasort($inForce, static fn(Entry $one, Entry $other): int => $one->on->number <=> $other->on->number);
        $out = $readings = [];
        foreach ($inForce as $place => $entry) {
            $asset = $entry->asset();
            if ($asset === null) {
                continue;
            }
            $problem = self::untimely($entry, $asset) ?? match (true) {
                $entry instanceof Out && isset($out[$asset->id]) => Invalid::at('asset', $asset->id, 'a thing that is in: this one is out since ' . $out[$asset->id] . ' and has not come back'),
                $entry instanceof Back && !isset($out[$asset->id]) => Invalid::at('asset', $asset->id, 'a thing that is out: on ' . $entry->on . ' this one is in'),
                $entry instanceof Done && $asset->due($entry->due) === null => Invalid::at('due', $entry->due->value, 'a due that the thing has: ' . self::dues($asset)),
                $entry->reading() !== null && $entry->reading() < ($readings[$asset->id] ?? $asset->cycles) => Invalid::at('cycles', $entry->reading(), 'at least the last reading, ' . ($readings[$asset->id] ?? $asset->cycles) . ': a counter does not fall'),
                default => null,
            };
            if ($problem !== null) {
                // What cannot be true is left aside, so that what follows is asked of what can.
                $problems[] = $problem->below((string) $place);
                continue;
            }
            $readings[$asset->id] = $entry->reading() ?? $readings[$asset->id] ?? $asset->cycles;
            if ($entry instanceof Out) {
                $out[$asset->id] = $entry->on;
            } elseif ($entry instanceof Back) {
                unset($out[$asset->id]);
            }
        }

        usort($problems, static fn(Invalid $one, Invalid $other): int => (int) $one->field <=> (int) $other->field);

        return $problems;
    }

    private static function untimely(Entry $entry, Asset $asset): ?Invalid
    {
        return $asset->bought !== null && $asset->bought->isAfter($entry->on)
            ? Invalid::at('on', $entry->on->plain(), 'the day on which the thing was bought, ' . $asset->bought . ', or a later one')
            : null;
    }

    private static function dues(Asset $asset): string
    {
        return implode(', ', array_map(static fn(Due $due): string => $due->kind->value, $asset->dues())) ?: 'it has none';
    }

    /**
     * @param array<int, Entry>   $written
     * @param array<string, true> $broken
     *
     * @return array{array<string, true>, list<Invalid>} ids of what is voided, and the voids that cannot be
     */
    private static function voids(array $written, array $broken): array
    {
        $before = $voided = $problems = [];
        foreach ($written as $place => $entry) {
            if ($entry instanceof Voided) {
                $of = $before[$entry->entry] ?? null;
                $wrong = match (true) {
                    $of === null && isset($broken[$entry->entry]) => null,
                    $of === null => 'an entry that stands before it in the log',
                    $of instanceof Voided => 'an entry that is no void itself: what was voided stays so',
                    isset($voided[$entry->entry]) => 'an entry that is not voided already',
                    default => null,
                };
                if ($wrong === null) {
                    $voided[$entry->entry] = true;
                } else {
                    $problems[] = Invalid::at($place . '/entry', $entry->entry, $wrong);
                }
            }
            $before[$entry->id] = $entry;
        }

        return [$voided, $problems];
    }
}
