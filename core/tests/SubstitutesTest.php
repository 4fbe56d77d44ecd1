<?php

declare(strict_types=1);

/*
 * Other terminals for a line that the kit cannot make, in a shop where every price can be added up by hand.
 */

use Gondrik\Core\Planning\LineOffers;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\Substitute;
use Gondrik\Core\Planning\Substitutes;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Workbook\WorkbookCodec;

/** @return list<LineOffers> */
function offersFor(string $kit, string $scope, array $backups = []): array
{
    $shop = (new WorkbookCodec())->read((string) file_get_contents(__DIR__ . '/cases/substitute-shop.json'));
    $of = $shop->scope($scope);
    $has = $shop->kit($kit);
    $ways = [];
    foreach ($shop->tools as $tool) {
        $ways = [...$ways, ...array_filter([$has->tool($tool->id) === null ? Way::buying($tool) : null, $backups === [] ? null : Way::second($tool)])];
    }
    $question = new PlanQuestion(KitAsItStands::onPaper($has), [new PlannedScope($of, $shop->rulesFor($of))], $ways, backups: $backups);

    return (new Substitutes($question, $shop->terminals))->offers();
}

it('offers', function (array $case): void {
    $offers = offersFor($case['kit'], $case['scope']);
    $told = static fn(Substitute $one): string => sprintf(
        '%s%s:%s=%d%s',
        $one->terminal->id,
        $one->line->joint->sleeve === null ? '' : '/' . $one->line->joint->sleeve->value,
        implode('+', array_map(static fn(Way $way): string => $way->tool->id, $one->add)),
        $one->toolCost,
        $one->partsCost === null ? '' : sprintf('%+d', $one->partsCost),
    );
    expect([
        'asItStands' => (string) ($offers[0]->costAsItStands ?? ''),
        'offers' => implode(' ', array_map($told, $offers[0]->substitutes ?? [])),
    ])->toBe(['asItStands' => $case['asItStands'], 'offers' => $case['offers']]);
})->with(CaseTable::of('substitutes', 'case'));

it('counts a second tool where a backup is wanted', function (): void {
    $bare = array_values(array_filter(offersFor('indent', 'rings', [Operation::Crimp])[0]->substitutes, static fn(Substitute $one): bool => $one->terminal->id === 'ring-bare'));
    expect($bare[0]->toolCost)->toBe(4000)->and($bare[0]->add[0]->isSecond)->toBeTrue();
});
