<?php

declare(strict_types=1);

/* What buying step by step comes to, and what may not be planned with: small shops that can be gone through by hand. */

use Gondrik\Core\Planning\CurvePoint;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/**
 * Thin wire that the fine cutter cuts, thick wire that the coarse one does; nothing else is asked of ends that are pushed in.
 *
 * @param list<array<string, mixed>> $tools
 */
function cuttingShop(array $tools, int $thin = 10, int $thick = 1): Workbook
{
    $wire = static fn(string $id, string $size): array => ['id' => $id, 'name' => $id, 'size' => $size, 'construction' => 'solid', 'insulation' => 'pvc'];
    $line = static fn(string $id, int $quantity): array => ['id' => $id, 'wire' => $id, 'terminal' => 'end', 'quantity' => $quantity, 'drop' => [['op' => 'strip', 'remark' => 'they come stripped']]];

    return (new WorkbookCodec())->read((string) json_encode([
        'gondrik' => 1,
        'wires' => [$wire('thin', '20 AWG'), $wire('thick', '10 AWG')],
        'terminals' => [['id' => 'end', 'name' => 'end', 'class' => 'push-in', 'size' => '22-8 AWG']],
        'tools' => $tools,
        'scopes' => [['id' => 's', 'name' => 's', 'lines' => [$line('thin', $thin), $line('thick', $thick)]]],
    ]));
}

function asked(Workbook $shop, ?int $mass = null): Planner
{
    $ways = array_values(array_filter(array_map(Way::buying(...), $shop->tools)));

    return new Planner(new PlanQuestion(KitAsItStands::none(), [new PlannedScope($shop->scopes[0], $shop->rulesFor($shop->scopes[0]))], $ways, mass: $mass));
}

/** @return array<string, mixed> */
function cutterFor(string $id, string $range, int $price, int $mass = 100): array
{
    return ['id' => $id, 'name' => $id, 'kind' => 'cutter', 'price' => $price, 'massGrams' => $mass, 'capabilities' => [['op' => 'cut', 'single' => $range]]];
}

it('buys in steps what wins most for its money, not what costs least', function (int $thin, int $thick, array $steps): void {
    $points = asked(cuttingShop([cutterFor('fine', '22-18 AWG', 500), cutterFor('coarse', '12-8 AWG', 300)], $thin, $thick))->inSteps();
    expect(array_map(static fn(CurvePoint $point): array => [$point->cost, $point->covered], $points))->toBe($steps);
})->with([
    'ten for 500 before one for 300' => [10, 1, [[0, 0], [500, 10], [800, 11]]],
    'one for 300 before one for 500' => [1, 1, [[0, 0], [300, 1], [800, 2]]],
]);

it('carries what just fits the mass, and no gram more', function (int $mass, int $covered): void {
    $points = asked(cuttingShop([cutterFor('fine', '22-18 AWG', 500, 400), cutterFor('coarse', '12-8 AWG', 300, 600)]), $mass)->inSteps();
    expect(end($points)->covered ?? 0)->toBe($covered);
})->with(['just so' => [1_000, 11], 'a gram less' => [999, 10], 'only the fine one' => [400, 10], 'nothing' => [399, 0]]);

it('does not plan with a tool that rests on one which stays at its bench', function (bool $travels, int $covered): void {
    $blade = [...cutterFor('blade', '22-8 AWG', 200), 'requires' => ['bench']];
    $bench = ['id' => 'bench', 'name' => 'bench', 'kind' => 'press', 'price' => 900, 'inPlaceOnly' => true, 'capabilities' => []];
    $shop = cuttingShop([$blade, $bench]);
    $kit = KitAsItStands::onPaper(new Gondrik\Core\Tool\Kit('k', 'k', [], $travels));
    $plan = (new Planner(new PlanQuestion($kit, [new PlannedScope($shop->scopes[0], $shop->rulesFor($shop->scopes[0]))], array_values(array_filter(array_map(Way::buying(...), $shop->tools))))))->plan();
    expect([$plan->coveredAfter, count($plan->add)])->toBe([$covered, $covered === 0 ? 0 : 2]);
})->with(['a bag' => [true, 0], 'the bench itself' => [false, 11]]);
