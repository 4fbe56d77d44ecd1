<?php

declare(strict_types=1);

/*
 * The demo's plans computed again by CBC, a general solver of mixed integer programs (Debian package coinor-cbc), from what
 * Cover says of the kit with each tool that could come to it: neither matrix nor rows nor bounds of ours are asked.
 */

use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Tests\Support\AskedOfCover;
use Gondrik\Core\Tests\Support\CbcSolver;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Workbook\WorkbookCodec;

it('plans the demo as CBC does', function (?string $kit, array $scopes, ?int $budget, ?int $mass): void {
    $shop = (new WorkbookCodec())->read((string) file_get_contents(dirname(__DIR__, 3) . '/database/demo/tarnholt-ropeway.json'));
    $kit = $kit === null ? new Kit('none', 'None', []) : $shop->kit($kit);
    $question = new PlanQuestion(
        KitAsItStands::onPaper($kit),
        array_map(static fn(string $id): PlannedScope => new PlannedScope($shop->scope($id), $shop->rulesFor($shop->scope($id))), $scopes),
        array_values(array_filter(array_map(static fn(Tool $tool): ?Way => $kit->tool($tool->id) === null ? Way::buying($tool) : null, $shop->tools))),
        [],
        $budget,
        $mass,
    );
    $plan = (new Planner($question))->plan();
    $cbc = (new CbcSolver())->solve(AskedOfCover::problem($question));
    expect(['money' => $plan->cost, 'count' => count($plan->add), 'mass' => $plan->mass - PlanQuestion::massOf($kit)])->toBe(['money' => $cbc['money'], 'count' => $cbc['count'], 'mass' => $cbc['mass']]);
    if ($question->isLimited()) {
        expect($plan->coveredAfter - $plan->coveredBefore)->toBe($cbc['won']);
    }
})->with([
    'the backpack, everything' => ['pylon-backpack', ['tower-7'], null, null],
    'the backpack under a mass limit' => ['pylon-backpack', ['tower-7', 'masts'], null, 9500],
    'the backpack with little money' => ['pylon-backpack', ['tower-7', 'masts'], 50000, null],
    'the apprentice box' => ['apprentice-box', ['boards', 'cabin-lighting'], null, null],
    'the apprentice box with little money' => ['apprentice-box', ['boards', 'cabin-lighting', 'door-harness'], 30000, 6000],
    'the panel bench does it all' => ['panel-bench', ['station-panel'], null, null],
    'from nothing' => [null, ['tower-7', 'masts', 'boards', 'door-harness', 'cabin-lighting', 'station-panel'], null, null],
    'from nothing with half of that' => [null, ['tower-7', 'masts', 'boards', 'door-harness', 'cabin-lighting', 'station-panel'], 130000, null],
]);
