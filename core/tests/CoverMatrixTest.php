<?php

declare(strict_types=1);

use Gondrik\Bench\BenchWorkbook;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\CoverMatrix;
use Gondrik\Core\Coverage\MatrixCell;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tests\Support\GeneratedThings;
use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\SkillGroup;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/* The matrix of kits and scopes finds in numbers what each report finds. */

/** Kits of some of the tools and scopes of some of the lines: they differ in tools, travelling, hand, what they share, and in rules. */
function matrixShop(\stdClass $document): Workbook
{
    $tools = $document->kits[0]->tools;
    foreach ([[0, 3], [2, 9], [4, 30], [0, 0]] as $n => [$from, $most]) {
        $document->kits[] = (object) [
            'id' => 'kit-' . $n,
            'name' => 'Kit ' . $n,
            'travels' => $n !== 1,
            ...$n === 2 ? ['hand' => (object) ['gripForce' => 120]] : [],
            ...$n === 0 ? ['shares' => ['kit']] : [],
            'tools' => array_slice($tools, $from, $most),
        ];
    }
    [$scope] = $document->scopes;
    foreach ([[0, 8, null], [8, 8, ['preset' => 'aircraft']], [4, 12, ['backupFor' => ['crimp'], 'trainedHands' => false]], [20, 4, null], [0, 0, null]] as $n => [$from, $most, $rules]) {
        $document->scopes[] = (object) ['id' => 'scope-' . $n, 'name' => 'Scope ' . $n, 'lines' => array_slice($scope->lines, $from, $most), ...$rules === null ? [] : ['houseRules' => (object) $rules]];
    }

    return (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
}

/** One with odd corners, most of whose lines are faulty or holes, and things in their kits; and one as shops are. */
function matrixShops(int $seed): array
{
    $plausible = BenchWorkbook::of(24 + $seed % 20, 30 + $seed % 7);
    foreach ($plausible->tools as $at => $tool) {
        // Every other one is too stiff for the hand of a kit.
        $tool->gripForce = $at % 2 === 0 ? 100 : 140;
    }

    return [matrixShop(GeneratedThings::of($seed, 30, 80, 24)), matrixShop($plausible)];
}

function matrixOf(Workbook $shop, ?Day $day, ?Worker $worker = null, ?RuleChoice $asked = null): array
{
    $days = $shop->onDay();
    $stands = static fn(Kit $kit, HouseRules $rules): KitAsItStands => $days->kit($kit, $day, $rules)->kit->with($worker);
    $rules = static fn(Scope $scope): HouseRules => $shop->rulesFor($scope, $asked);
    $reports = [];
    foreach ($shop->kits as $kit) {
        foreach ($shop->scopes as $scope) {
            $report = Coverage::of($stands($kit, $rules($scope)), $scope, $rules($scope));
            $reports[] = ReportWriter::cell(new MatrixCell($kit, $scope, $report->headline, count($report->holes)));
        }
    }

    return [array_map(ReportWriter::cell(...), CoverMatrix::of($shop->kits, $shop->scopes, $rules, $stands)), $reports];
}

it('finds in numbers what the reports find, on paper and on days', function (int $seed): void {
    foreach (matrixShops($seed) as $shop) {
        foreach ([null, Day::read('2027-02-10'), Day::read(GeneratedThings::DAYS[1])] as $day) {
            [$cells, $reports] = matrixOf($shop, $day);
            expect($cells)->toBe($reports, 'on ' . ($day ?? 'paper'));
        }
    }
})->with(range(1201, 1208));

it('finds the same in somebody’s hands, and under rules that are supposed', function (int $seed): void {
    $asked = new RuleChoice(signOffFor: array_map(SkillGroup::read(...), ['crimp', 'strip:soft']), makeshiftCounts: true);
    foreach ([new Worker('ada', 'Ada', new Hand(90.0, 70.0), [HandSkill::read('crimp:insulated')]), new Worker('bo', 'Bo', null, [])] as $worker) {
        foreach (matrixShops($seed) as $shop) {
            [$cells, $reports] = matrixOf($shop, null, $worker, $asked);
            expect($cells)->toBe($reports, $worker->name);
        }
    }
})->with(range(1217, 1220));

it('has every kind of cell in the shops that it is held against', function (): void {
    $seen = [];
    foreach (range(1201, 1204) as $seed) {
        foreach (matrixShops($seed) as $shop) {
            foreach (matrixOf($shop, null)[0] as ['headline' => $headline, 'holes' => $holes]) {
                foreach (['covered', 'makeshift', 'hole', 'faulty'] as $status) {
                    $seen[$status] = ($seen[$status] ?? 0) + $headline[$status];
                }
                $seen['empty'] = ($seen['empty'] ?? 0) + ($headline['share'] === null ? 1 : 0);
                $seen['many'] = max($seen['many'] ?? 0, $holes);
            }
        }
    }
    expect(min($seen))->toBeGreaterThan(0)->and($seen['many'])->toBeGreaterThan(3);
});
