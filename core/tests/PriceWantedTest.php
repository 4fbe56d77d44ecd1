<?php

declare(strict_types=1);

/*
 * Tools of the small shop that nobody has put a price on, against what a practitioner reads off the sheet: which of them would do a
 * step that is open.
 */

use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\PriceWanted;
use Gondrik\Core\Planning\StepRef;
use Gondrik\Core\Planning\Unpriced;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Tests\Support\PlanShop;
use Gondrik\Core\Tool\Tool;

/**
 * @param list<string> $priced ids of tools that can be bought
 *
 * @return list<string> tool, terminations, and the steps by line and number
 */
function wantingAPrice(string $kit, string $scope, array $priced, string $options = ''): array
{
    $asked = PlanShop::question(['kit' => $kit, 'scopes' => $scope, 'options' => $options]);
    $ways = array_values(array_filter($asked->ways, static fn(Way $way): bool => in_array($way->tool->id, $priced, true)));
    $question = new PlanQuestion($asked->kit, $asked->scopes, $ways, takesMakeshift: $asked->takesMakeshift);
    $steps = static fn(Unpriced $one): string => implode(' ', array_map(static fn(StepRef $step): string => $step->line->id . ':' . $step->step, $one->does));

    return array_map(static fn(Unpriced $one): string => $one->tool->id . ' ' . $one->terminations() . ' ' . $steps($one), (new PriceWanted($question, PlanShop::workbook()->tools))->offers());
}

it('names every tool that would do an open step, the one of most terminations first', function (): void {
    // The kit cuts, strips and crimps the thin one.
    expect(wantingAPrice('basic', 'rings', []))->toBe(['strip-all 10 r12:1', 'strip-thick 10 r12:1', 'strip-heir 10 r12:1', 'oval-both 10 r12:2', 'oval-both-light 10 r12:2'])
        ->and(wantingAPrice('empty-hands', 'rings', []))->toBe([
            'strip-all 50 r18:1 r12:1', 'strip-heir 50 r18:1 r12:1', 'oval-both 50 r18:2 r12:2', 'oval-both-light 50 r18:2 r12:2',
            'strip-thin 40 r18:1', 'oval-red 40 r18:2', 'strip-thick 10 r12:1',
        ]);
});

it('asks no price for what can be had already', function (): void {
    expect(wantingAPrice('basic', 'rings', ['strip-thick']))->toBe(['oval-both 10 r12:2', 'oval-both-light 10 r12:2'])
        ->and(wantingAPrice('basic', 'rings', ['strip-thick', 'oval-both']))->toBe([]);
});

it('counts a makeshift tool only where makeshift counts', function (): void {
    expect(wantingAPrice('basic', 'rings', ['strip-thick'], 'makeshift'))->toContain('oval-emergency 10 r12:2');
});

it('names what a tool requires beside it, and neither where the other cannot be had', function (): void {
    // The dies want their press, and the press the dies that it came with.
    expect(wantingAPrice('basic', 'lugs', ['cutter', 'strip-all']))->toEqualCanonicalizing(['hand-lug 5 l6:2', 'dies-6 5 l6:2', 'press 5 l6:2', 'dies-50 5 l6:2']);
    $asked = PlanShop::question(['kit' => 'basic', 'scopes' => 'lugs', 'options' => '']);
    $without = array_values(array_filter(PlanShop::workbook()->tools, static fn(Tool $tool): bool => $tool->id !== 'dies-50'));
    $offers = (new PriceWanted(new PlanQuestion($asked->kit, $asked->scopes, []), $without))->offers();
    expect(array_map(static fn(Unpriced $one): string => $one->tool->id, $offers))->toContain('hand-lug')->not->toContain('press')->not->toContain('dies-6');
});
