<?php

declare(strict_types=1);

/*
 * The covering problem behind planning, against CBC: the optimum of every level (Debian package coinor-cbc), on hand-made traps
 * and on made-up shops. All 200 of these are solved in the benchmark (composer bench), a part of them here.
 */

use Gondrik\Core\Covering\Group;
use Gondrik\Core\Covering\Instance;
use Gondrik\Core\Covering\Item;
use Gondrik\Core\Covering\Optimum;
use Gondrik\Core\Covering\Worth;
use Gondrik\Core\Tests\Support\CbcSolver;
use Gondrik\Core\Tests\Support\CoveringProblems;
use Gondrik\Core\Value\Deadline;

/** @return array{won: int, money: int, fine: int, count: int, mass: int}|null */
function figures(?Worth $worth): ?array
{
    return $worth === null ? null : ['won' => $worth->won, 'money' => $worth->money, 'fine' => $worth->fine, 'count' => $worth->count, 'mass' => $worth->mass];
}

function solved(Instance $instance): ?Worth
{
    $outcome = (new Optimum(Deadline::never()))->of($instance);
    expect($outcome === null || $outcome->isProven)->toBeTrue();

    return $outcome?->worth;
}

it('comes to what CBC comes to on problems made by hand', function (string $name): void {
    $instance = CoveringProblems::byHand()[$name];
    expect(figures(solved($instance)))->toBe((new CbcSolver())->solve($instance));
})->with(array_keys(CoveringProblems::byHand()));

it('comes to what CBC comes to on made-up shops', function (int $seed): void {
    $instance = CoveringProblems::random($seed);
    expect(figures(solved($instance)))->toBe((new CbcSolver())->solve($instance));
})->with(range(1, 30));

it('takes the first in order of those that are equal', function (): void {
    $hand = CoveringProblems::byHand();
    expect(solved($hand['two alike, the first is taken'])?->items)->toBe([0])
        ->and(solved($hand['all but one: two of many'])?->items)->toBe([0, 1])
        ->and(solved($hand['an even ring'])?->items)->toBe([0, 2, 4, 6, 8])
        ->and(solved($hand['an odd ring needs one more than half'])?->items)->toBe([0, 1, 3, 5, 7])
        ->and(solved($hand['Steiner triples of seven'])?->items)->toBe([0, 1, 2]);
});

it('is exact however large the figures', function (): void {
    $items = $rows = $lines = [];
    foreach (range(0, 9) as $item) {
        $items[] = new Item(1_999_999_000 - 7 * $item, 900_000 + $item, true, $item > 6 ? [[$item - 5]] : []);
    }
    foreach (range(0, 11) as $row) {
        $rows[] = array_values(array_filter(range(0, 9), static fn(int $item): bool => ($item * 7 + $row * 3) % 4 === 0 || $item === $row % 10));
        $lines[] = new Group(1_000_000 + 13 * $row, [$row, ($row * 5 + 2) % 12]);
    }
    foreach ([null, 7_999_995_000, 11_999_991_000] as $budget) {
        $instance = new Instance($items, $rows, [], $lines, array_slice($lines, 0, 4), $budget);
        $best = null;
        for ($set = 0; $set < 1 << 10; $set++) {
            $chosen = array_values(array_filter(range(0, 9), static fn(int $item): bool => ($set >> $item & 1) === 1));
            $isSound = array_filter($chosen, static fn(int $item): bool => $item > 6 && !in_array($item - 5, $chosen, true)) === [];
            $worth = $instance->worth($chosen);
            if ($isSound && ($budget === null || $worth->money <= $budget) && ($best === null || $worth->compare($best) < 0)) {
                $best = $worth;
            }
        }
        expect(solved($instance))->toEqual($best);
    }
});
