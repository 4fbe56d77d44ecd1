<?php

declare(strict_types=1);

/* Work that is written for one fixture, and so many of them: whoever reckons takes all of it. */

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\CoverMatrix;
use Gondrik\Core\Labour\Labour;
use Gondrik\Core\Labour\Pace;
use Gondrik\Core\Labour\Rates;
use Gondrik\Core\Planning\OneTool;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Pieces;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Skill\SkillNeeds;
use Gondrik\Core\Supplies\Demand;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/** Six strips and six crimps a fixture, and so many fixtures. */
function fixtures(?int $count, int $quantity = 6): Workbook
{
    $document = json_decode((new WorkbookCodec())->write(Catalogue::workbook('14-stranded', 'ring-blue', 'quantity=' . $quantity, 'cut-diagonal notch-stranded oval')));
    if ($count !== null) {
        $document->scopes[0]->pieces = (object) ['name' => 'fixture', 'count' => $count];
    }

    return (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
}

/** @return array<string, mixed> everything that is reckoned of it */
function reckonedOf(Workbook $shop): array
{
    $scope = $shop->scopes[0];
    $rules = static fn(Scope $of): HouseRules => $shop->rulesFor($of);
    $report = Coverage::of($shop->onPaper($shop->kits[0]), $scope, $rules($scope));
    $labour = Labour::of($report, Rates::ofTable(Pace::Practised));
    $matrix = CoverMatrix::of($shop->kits, $shop->scopes, $rules, static fn(Kit $kit): KitAsItStands => $shop->onPaper($kit));
    $one = OneTool::of($report, $shop->tools);

    return [
        'headline' => $report->headline,
        'matrix' => $matrix[0]->headline,
        'seconds' => $labour->all->seconds,
        'squeezes' => $labour->all->squeezes,
        'items' => Demand::of($shop->scopes, $rules)->items,
        'rings' => array_map(static fn(object $item): int => Demand::of($shop->scopes, $rules)->for($item), Demand::of($shop->scopes, $rules)->items),
        'skills' => SkillNeeds::byScope($shop->scopes, $rules),
        'asked' => array_map(static fn(OneTool $of): int => $of->asked, $one),
    ];
}

it('reckons so many of one piece as it does the same written out', function (int $count): void {
    expect(reckonedOf(fixtures($count)))->toEqual(reckonedOf(fixtures(null, 6 * $count)));
})->with([1, 48]);

it('keeps what is written for one piece, and takes all of it once', function (): void {
    $scope = fixtures(48)->scopes[0];
    $quantities = static fn(Scope $of): array => array_map(static fn(Line $line): int => $line->quantity, $of->lines);
    // 6 strips a fixture and 40 to 50 fixtures are 240 to 300 a shift (common practice).
    expect($quantities($scope))->toBe([6])
        ->and($quantities($scope->whole()))->toBe([288])
        ->and($quantities($scope->whole()->whole()))->toBe([288])
        ->and($scope->pieces)->toEqual(new Pieces('fixture', 48))
        ->and($scope->times(2)->whole()->lines[0]->quantity)->toBe(576)
        ->and(json_decode((new WorkbookCodec())->write(fixtures(48)))->scopes[0]->pieces)->toEqual((object) ['name' => 'fixture', 'count' => 48]);
});

it('takes all of a scope by the piece into one that is not, and like into like', function (): void {
    $whole = fixtures(null, 10)->scopes[0];
    $some = fixtures(48)->scopes[0];
    expect($whole->with($some)->lines[0]->quantity)->toBe(298)
        ->and($some->with(fixtures(48, 2)->scopes[0])->lines[0]->quantity)->toBe(8)
        ->and(static fn(): Scope => $some->with($whole))->toThrow(Invalid::class, 'written for one of 48 (fixture)')
        ->and(static fn(): Scope => $some->with(fixtures(12)->scopes[0]))->toThrow(Invalid::class);
});

it('refuses a number of pieces that is none', function (mixed $pieces, string $path): void {
    $document = json_decode((new WorkbookCodec())->write(fixtures(1)));
    $document->scopes[0]->pieces = $pieces;
    try {
        (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
        $told = '';
    } catch (InvalidWorkbook $refused) {
        $told = $refused->problems[0]->path;
    }
    expect($told)->toBe($path);
})->with([
    'none' => [(object) ['name' => 'fixture', 'count' => 0], 'scopes/0/pieces/count'],
    'a half' => [(object) ['name' => 'fixture', 'count' => 1.5], 'scopes/0/pieces/count'],
    'of nothing' => [(object) ['count' => 2], 'scopes/0/pieces/name'],
    'a number alone' => [48, 'scopes/0/pieces'],
]);
