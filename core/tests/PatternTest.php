<?php

declare(strict_types=1);

/* Kits of one pattern: what a copy lacks or has beyond it, and brought into line. "plier:2 cutter" are two pliers and a cutter. */

use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\PatternGap;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\ToolKind;

function packedKit(string $id, string $holds): Kit
{
    $entries = [];
    foreach (array_filter(explode(' ', $holds)) as $one) {
        [$tool, $count] = [...explode(':', $one), 1];
        $entries[] = new KitEntry(new Tool($tool, $tool, ToolKind::Other, []), (int) $count);
    }

    return new Kit($id, $id, $entries, like: $id === 'pattern' ? null : 'pattern', note: $id . "'s own");
}

function holds(Kit $kit): string
{
    return implode(' ', array_map(static fn(KitEntry $entry): string => $entry->tool->id . ($entry->count === 1 ? '' : ':' . $entry->count), $kit->tools));
}

it('tells what a copy has otherwise, and brings it into line', function (string $pattern, string $copy, array $gaps, string $alike, string $strictly): void {
    [$of, $kit] = [packedKit('pattern', $pattern), packedKit('copy', $copy)];
    expect(array_map(static fn(PatternGap $gap): string => $gap->tool->id . ' ' . $gap->has . ' of ' . $gap->wanted, PatternGap::between($of, $kit)))->toBe($gaps)
        ->and(holds($kit->alike($of, withoutMore: false)))->toBe($alike)
        ->and(holds($kit->alike($of, withoutMore: true)))->toBe($strictly)
        ->and($kit->alike($of, withoutMore: true)->note)->toBe("copy's own");
    // Brought into line it lacks nothing, and strictly it has nothing else.
    expect(array_filter(PatternGap::between($of, $kit->alike($of, false)), static fn(PatternGap $gap): bool => $gap->has < $gap->wanted))->toBe([])
        ->and(PatternGap::between($of, $kit->alike($of, true)))->toBe([]);
})->with([
    'alike' => ['plier cutter', 'plier cutter', [], 'plier cutter', 'plier cutter'],
    'one lacks' => ['plier cutter', 'plier', ['cutter 0 of 1'], 'plier cutter', 'plier cutter'],
    'one beyond' => ['plier', 'plier lamp', ['lamp 1 of 0'], 'plier lamp', 'plier'],
    'fewer of one' => ['plier:2 cutter', 'plier cutter', ['plier 1 of 2'], 'plier:2 cutter', 'plier:2 cutter'],
    'more of one' => ['plier cutter', 'plier:3 cutter', ['plier 3 of 1'], 'plier:3 cutter', 'plier cutter'],
    'the same in another order is no gap' => ['plier cutter', 'cutter plier', [], 'plier cutter', 'plier cutter'],
    'nothing in it yet' => ['plier cutter:2', '', ['plier 0 of 1', 'cutter 0 of 2'], 'plier cutter:2', 'plier cutter:2'],
    'all of it otherwise' => ['plier', 'lamp:2', ['plier 0 of 1', 'lamp 2 of 0'], 'plier lamp:2', 'plier'],
    'an empty pattern' => ['', 'plier', ['plier 1 of 0'], 'plier', ''],
]);
