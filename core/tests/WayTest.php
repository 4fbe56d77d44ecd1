<?php

declare(strict_types=1);

use Gondrik\Core\Planning\PaidStep;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Tool\Cost;
use Gondrik\Core\Tool\Handling;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Workbook\WorkbookCodec;

it('costs what it costs to have a tool in each way, and weighs what comes into the bag', function (?Way $way, ?int $cost, int $mass, ?string $from): void {
    expect([$way?->cost, $way?->mass() ?? 0, $way?->from])->toBe([$cost, $mass, $from]);
})->with(static function (): array {
    $tool = new Tool('t', 'T', ToolKind::Press, [], new Cost(price: 64_000, perUse: 600, perMonth: 4_500), new Handling(massGrams: 2_100));
    $free = new Tool('f', 'F', ToolKind::Press, []);

    return [
        'bought' => [Way::buying($tool), 64_000, 2_100, null],
        'one more of the same' => [Way::second($tool), 64_000, 2_100, null],
        'borrowed for a month' => [Way::borrowing($tool, 1), 4_500, 2_100, null],
        'borrowed for three' => [Way::borrowing($tool, 3), 13_500, 2_100, null],
        'by the piece it stays where it is' => [Way::perPiece($tool), 600, 0, null],
        'out of another kit' => [Way::moving($tool, 'van'), 0, 2_100, 'van'],
        'without a price it is not bought' => [Way::buying($free), null, 0, null],
        'nor borrowed' => [Way::borrowing($free, 3), null, 0, null],
        'nor paid by the piece' => [Way::perPiece($free), null, 0, null],
    ];
});

it('pays the cheapest that does a step by the piece, and at a bench that stays only what can be brought there', function (array $line, ?string $paid): void {
    $press = static fn(string $id, int $each, array $more = []): array => ['id' => $id, 'name' => $id, 'kind' => 'cutter', 'perUse' => $each, 'capabilities' => [['op' => 'cut', 'single' => '20-10 AWG']], ...$more];
    $workbook = (new WorkbookCodec())->read((string) json_encode([
        'gondrik' => 1,
        'wires' => [['id' => 'w', 'name' => 'w', 'size' => '12 AWG', 'construction' => 'stranded', 'insulation' => 'pvc']],
        'terminals' => [['id' => 't', 'name' => 't', 'class' => 'insulated', 'size' => '12-10 AWG']],
        'tools' => [$press('dear', 900), $press('bench', 200, ['inPlaceOnly' => true]), $press('cheap', 500)],
        'scopes' => [['id' => 's', 'name' => 's', 'lines' => [['id' => 'l', 'wire' => 'w', 'terminal' => 't', ...$line]]]],
    ]));
    $scope = $workbook->scopes[0];
    $ways = array_values(array_filter(array_map(Way::perPiece(...), $workbook->tools)));
    $plan = (new Planner(new PlanQuestion(KitAsItStands::none(), [new PlannedScope($scope, $workbook->rulesFor($scope))], $ways)))->plan();
    $cuts = array_values(array_filter($plan->paid, static fn(PaidStep $step): bool => $step->line->line->id === 'l'));
    expect(($cuts[0] ?? null)?->way->tool->id)->toBe($paid);
})->with([
    'where it stays' => [[], 'cheap'],
    'where it can be brought' => [['movable' => true], 'bench'],
]);
