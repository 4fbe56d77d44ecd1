<?php

declare(strict_types=1);

/*
 * What must hold whatever the workbook: more tools never make worse, a better thing is never worth less. These find mistakes
 * that no single row of a case table would.
 */

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/** @return list<int> how bad each line stands, and each of its steps, 0 to 3 */
function badness(Workbook $workbook, Kit $kit, HouseRules $rules): array
{
    $rank = array_flip(array_column(Status::cases(), 'value'));

    return array_merge(...array_map(static fn(LineCover $line): array => [
        $rank[$line->status->value],
        ...array_map(static fn(StepCover $step): int => $rank[$step->status->value], $line->steps),
    ], Coverage::onPaper($kit, $workbook->scopes[0], $rules)->lines));
}

function generated(int $seed, int $tools = 24): Workbook
{
    return (new WorkbookCodec())->readStored(GeneratedWorkbook::of($seed, 40, $tools));
}

it('never gets worse with more tools in the kit', function (int $seed): void {
    $workbook = generated($seed);
    $rules = $workbook->rulesFor($workbook->scopes[0]);
    $all = $workbook->kits[0];
    $half = new Kit('half', 'half', array_slice($all->tools, 0, 12), $all->travels, $all->hand);
    $with = badness($workbook, $all, $rules);
    foreach (badness($workbook, $half, $rules) as $at => $before) {
        expect($with[$at])->toBeLessThanOrEqual($before);
    }
})->with(range(301, 315));

it('covers the same whatever the order of the kit', function (int $seed): void {
    $workbook = generated($seed);
    $rules = $workbook->rulesFor($workbook->scopes[0]);
    $turned = new Kit('turned', 'turned', array_reverse($workbook->kits[0]->tools), $workbook->kits[0]->travels, $workbook->kits[0]->hand);
    expect(badness($workbook, $turned, $rules))->toBe(badness($workbook, $workbook->kits[0], $rules));
})->with(range(316, 325));

it('never gets worse for a step when the house allows more', function (int $seed, RuleChoice $more): void {
    $workbook = generated($seed);
    $strict = HouseRules::inForce(new RuleChoice(openFlame: false, fullCycleFor: Gondrik\Core\Terminal\TerminalClass::crimped()));
    $free = HouseRules::inForce(new RuleChoice(openFlame: false, fullCycleFor: Gondrik\Core\Terminal\TerminalClass::crimped()), $more);
    $rank = array_flip(array_column(Status::cases(), 'value'));
    $before = Coverage::onPaper($workbook->kits[0], $workbook->scopes[0], $strict)->lines;
    foreach (Coverage::onPaper($workbook->kits[0], $workbook->scopes[0], $free)->lines as $at => $line) {
        // A line that was faulty may show its holes now, which is no step back.
        expect($before[$at]->status === Status::Faulty || $rank[$line->status->value] <= $rank[$before[$at]->status->value])->toBeTrue();
    }
})->with([401, 402, 403, 404])->with([
    'open flame' => [new RuleChoice(openFlame: true)],
    'trained hands' => [new RuleChoice(trainedHands: true)],
    'no full cycle asked' => [new RuleChoice(fullCycleFor: [])],
    'hammered lugs and sleeved indents' => [new RuleChoice(hammerLugs: Stance::Accept, indentOnInsulated: Stance::Accept)],
    'a powered driver finishes' => [new RuleChoice(poweredFinalTorque: true)],
    'taps, tin and solder' => [new RuleChoice(taps: Stance::Accept, tinning: Stance::Accept, solderSplices: Stance::Accept)],
    'wet without a seal' => [new RuleChoice(wetNeedsSleeve: false)],
]);

it('adds up: every termination stands once in the headline', function (int $seed): void {
    $workbook = generated($seed);
    $report = Coverage::onPaper($workbook->kits[0], $workbook->scopes[0], $workbook->rulesFor($workbook->scopes[0]));
    $quantity = array_sum(array_map(static fn(LineCover $line): int => $line->line->quantity, $report->lines));
    $inHoles = array_unique(array_merge(...array_map(static fn($hole): array => array_map(static fn($line): string => $line->id, $hole->lines), $report->holes)));
    $open = array_filter($report->lines, static fn(LineCover $line): bool => $line->status === Status::Hole);
    sort($inHoles);
    $ids = array_map(static fn(LineCover $line): string => $line->line->id, array_values($open));
    sort($ids);
    expect($report->headline->terminations)->toBe($quantity)
        ->and($inHoles)->toBe($ids)
        ->and($report->headline->hole)->toBe(array_sum(array_map(static fn(LineCover $line): int => $line->line->quantity, $open)))
        ->and($report->headline->share())->toBeLessThanOrEqual($report->headline->covered / $quantity + ($report->headline->makeshiftCounts ? 1 : 0));
})->with(range(501, 510));
