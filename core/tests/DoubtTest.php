<?php

declare(strict_types=1);

use Gondrik\Core\Calendar\Doubtful;
use Gondrik\Core\Log\Log;
use Gondrik\Core\OnDay\AssetHistory;
use Gondrik\Core\Proof\LastGood;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/* What is in doubt once a pull speaks against a thing: since when, and what of the work it may have made. */

it('knows since when a thing is in doubt', function (string $log, ?string $doubted, ?string $good): void {
    $shop = ThingsShop::of('home=van', '', $log);
    $last = LastGood::before(Log::of($shop->register->log)->about('c1'), PullStandard::ByClass);
    expect([$last?->doubted->plain(), $last?->good?->plain()])->toBe([$doubted, $good]);
})->with([
    'all is good' => ['2027-01-01 pull forces=100 required=90; 2027-01-05 pull forces=95 required=90', null, null],
    'one is under' => ['2027-01-01 pull forces=100 required=90; 2027-01-05 pull forces=95+89 required=90', '2027-01-05', '2027-01-01'],
    'the first is under' => ['2027-01-05 pull forces=89 required=90', '2027-01-05', null],
    'good pulls after it take nothing back' => ['2027-01-01 pull forces=100 required=90; 2027-01-05 pull forces=89 required=90; 2027-01-09 pull forces=100 required=90', '2027-01-05', '2027-01-01'],
    'the last good one before it counts' => ['2027-01-01 pull forces=100 required=90; 2027-01-03 pull forces=99 required=90; 2027-01-05 pull forces=89 required=90', '2027-01-05', '2027-01-03'],
    'cleared it is out of doubt' => ['2027-01-05 pull forces=89 required=90; 2027-01-06 cleared', null, null],
    'whoever cleared it vouched for it' => ['2027-01-05 pull forces=89 required=90; 2027-01-06 cleared; 2027-01-09 pull forces=88 required=90', '2027-01-09', '2027-01-06'],
    'one taken out of account never was' => ['2027-01-01 pull forces=100 required=90; 2027-01-05 pull forces=89 required=90; 2027-01-06 void entry=2', null, null],
    'a good one of the same day' => ['2027-01-05 pull forces=100 required=90; 2027-01-05 pull forces=89 required=90', '2027-01-05', '2027-01-05'],
    'nothing says what it must hold' => ['2027-01-05 pull forces=1', null, null],
]);

it('is in doubt from the subgroup on of which a chart says something', function (): void {
    $in = array_map(static fn(int $at): string => Day::read('2027-01-01')->plus($at) . ' pull forces=' . ($at % 2 === 0 ? '98.5+102.5' : '97.5+101.5'), range(0, 19));
    $shop = ThingsShop::of('home=van', '', implode('; ', [...$in, '2027-02-01 pull forces=90+92', '2027-02-02 pull forces=98+102']));
    $last = LastGood::before(Log::of($shop->register->log)->about('c1'), PullStandard::ByClass);
    expect([$last?->doubted->plain(), $last?->good?->plain()])->toBe(['2027-02-01', '2027-01-20']);
});

/** A crimper in a van, and work by its first day and days: 10 crimps of it in each scope. */
function doubtShop(array $scopes, string $log = '', string $asset = 'home=van'): Workbook
{
    $document = ThingsShop::document($asset, '', $log);
    $document['tools'][0]['capabilities'] = [
        ['op' => 'crimp', 'classes' => ['insulated'], 'control' => 'full-cycle', 'profile' => 'oval', 'nests' => [['label' => 'blue', 'size' => '16-14 AWG']]],
    ];
    foreach ($scopes as $id => $when) {
        $document['scopes'][] = ['id' => $id, 'name' => ucfirst($id), 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => 10]], ...$when];
    }
    $document['kits'][1]['tools'] = [['tool' => 'crimper']];

    return (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
}

/** @return list<string> "early van 2027-01-10 10" */
function doubtsOf(Workbook $shop, ?string $since, string $until): array
{
    $days = $shop->onDay();
    $history = array_values(array_filter($days->histories, static fn(AssetHistory $history): bool => $history->asset->id === 'c1'))[0];
    $doubtful = Doubtful::of($days, $history, $shop->scopes, $shop->rulesFor(...), $since === null ? null : Day::read($since), Day::read($until));

    return array_map(static fn(Doubtful $one): string => implode(' ', [$one->scope->id, $one->kit->id, $one->from?->plain() ?? '-', $one->terminations]), $doubtful);
}

it('names the work of those days that a thing may have made', function (array $when, array $told): void {
    expect(doubtsOf(doubtShop(['work' => $when], asset: 'home=van bought=2026-06-01'), '2027-01-10', '2027-01-31'))->toBe($told);
})->with([
    'begun in them' => [['starts' => '2027-01-15'], ['work van 2027-01-15 10']],
    'begun before them, without an end' => [['starts' => '2027-01-01'], ['work van 2027-01-10 10']],
    'over the day before them' => [['starts' => '2027-01-01', 'days' => 9], []],
    'over on the first of them' => [['starts' => '2027-01-01', 'days' => 10], ['work van 2027-01-10 10']],
    'begun on the last of them' => [['starts' => '2027-01-31'], ['work van 2027-01-31 10']],
    'to come' => [['starts' => '2027-02-01'], []],
    'of no day that anybody has said' => [[], ['work van - 10']],
]);

it('follows the thing from kit to kit, and asks nothing of those in which it was not', function (): void {
    $moved = '2027-01-20 moved to=bench';
    expect(doubtsOf(doubtShop(['work' => []], $moved), '2027-01-10', '2027-01-15'))->toBe(['work van - 10'])
        ->and(doubtsOf(doubtShop(['work' => []], $moved), '2027-01-10', '2027-01-31'))->toBe(['work van - 10'])
        ->and(doubtsOf(doubtShop(['work' => []], $moved), '2027-01-25', '2027-01-31'))->toBe(['work bench - 10'])
        ->and(doubtsOf(doubtShop(['work' => []], $moved), null, '2027-01-31'))->toBe(['work van - 10'])
        ->and(doubtsOf(doubtShop(['work' => []], $moved, 'home=van bought=2027-01-20'), null, '2027-01-31'))->toBe(['work bench - 10'])
        // On the shelf it makes nothing.
        ->and(doubtsOf(doubtShop(['work' => []], asset: ''), '2027-01-10', '2027-01-31'))->toBe([]);
});

it('asks each scope by its own', function (): void {
    expect(doubtsOf(doubtShop(['early' => ['starts' => '2027-01-01', 'days' => 5], 'late' => ['starts' => '2027-01-15', 'days' => 5], 'open' => []], asset: 'home=van bought=2026-06-01'), '2027-01-10', '2027-01-31'))
        ->toBe(['late van 2027-01-15 10', 'open van - 10']);
});
