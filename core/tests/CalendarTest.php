<?php

declare(strict_types=1);

use Gondrik\Core\Calendar\Calendar;
use Gondrik\Core\Calendar\CalendarDay;
use Gondrik\Core\Calendar\Opening;
use Gondrik\Core\Calendar\Outlook;
use Gondrik\Core\Calendar\Resting;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Known;
use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\OnDay\AssetStanding;
use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Output\DayWriter;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tests\Support\GeneratedThings;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

function shopOf(\stdClass $document): Workbook
{
    return (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
}

function kitOn(Workbook $shop, string $kit, string $day): KitOnDay
{
    return $shop->onDay()->kit($shop->kit($kit) ?? throw new LogicException($kit), Day::read($day), $shop->rulesFor($shop->scopes[0] ?? throw new LogicException()));
}

/** @return list<string> "2 × crimper (1 seldom, shared): c1 c2" */
function partsOf(KitOnDay $stands): array
{
    return array_map(static fn(TakingPart $part): string => $part->count . ' × ' . $part->tool->id . ($part->seldom > 0 ? ' (' . $part->seldom . ' seldom)' : '') . ($part->isShared ? ' shared' : '') . ($part->assets === [] ? '' : ': ' . implode(' ', $part->assets)), $stands->kit->tools);
}

/** @return list<string> */
function awayFrom(KitOnDay $stands): array
{
    return array_map(static fn(AssetStanding $away): string => $away->asset->id . ' ' . $away->standing->code?->value, $stands->away);
}

/** A shop with more kits, tools and things than the one of the table: a cutter, a crimper and a stripper each thing by thing. */
function benchShop(array $log = [], array $van = [], array $rules = []): Workbook
{
    $document = ThingsShop::document('', '', '', $rules);
    $capability = ['op' => 'cut', 'single' => '22-8 AWG'];
    $document['tools'] = array_map(static fn(string $id): array => ['id' => $id, 'name' => ucfirst($id), 'kind' => 'cutter', 'capabilities' => [$capability]], ['cutter', 'snips', 'shears', 'knife']);
    // The fourth does what the others do not.
    $document['tools'][3]['capabilities'] = [
        ['op' => 'strip', 'method' => 'self-adjusting', 'insulation' => ['pvc'], 'size' => '20-10 AWG'],
        ['op' => 'crimp', 'classes' => ['insulated'], 'control' => 'full-cycle', 'profile' => 'oval', 'nests' => [['label' => 'blue', 'size' => '16-14 AWG']]],
    ];
    $document['kits'] = [
        ['id' => 'van', 'name' => 'Van', 'tracked' => true, 'tools' => [['tool' => 'cutter', 'count' => 3], ['tool' => 'snips']], ...$van],
        ['id' => 'bench', 'name' => 'Bench', 'tracked' => true, 'tools' => [['tool' => 'cutter']]],
        ['id' => 'paper', 'name' => 'On paper', 'tools' => [['tool' => 'knife', 'count' => 2]]],
    ];
    $document['scopes'] = [['id' => 'work', 'name' => 'Work', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => 5]]]];
    $document['assets'] = [
        ['id' => 'x1', 'tool' => 'shears', 'home' => 'van'],
        ['id' => 'n1', 'tool' => 'snips', 'home' => 'van'],
        ['id' => 'c1', 'tool' => 'cutter', 'home' => 'van'],
        ['id' => 'c2', 'tool' => 'cutter', 'home' => 'van'],
        ['id' => 'c3', 'tool' => 'cutter', 'home' => 'bench'],
    ];
    $document['log'] = $log;

    return shopOf(json_decode((string) json_encode($document)));
}

it('takes what counts: listed models in their order with as many as there are, then others by their first thing', function (): void {
    $shop = benchShop([
        ['id' => '1', 'on' => '2027-03-02', 'what' => 'condition', 'asset' => 'c2', 'condition' => 'seldom'],
        ['id' => '2', 'on' => '2027-03-03', 'what' => 'out', 'asset' => 'c3', 'to' => ['kit' => 'van']],
        ['id' => '3', 'on' => '2027-03-04', 'what' => 'out', 'asset' => 'n1', 'to' => ['person' => 'ada']],
    ]);
    // Three are listed, two are there.
    expect(partsOf(kitOn($shop, 'van', '2027-03-01')))->toBe(['2 × cutter: c1 c2', '1 × snips: n1', '1 × shears: x1'])
        ->and(partsOf(kitOn($shop, 'van', '2027-03-02')))->toBe(['2 × cutter (1 seldom): c1 c2', '1 × snips: n1', '1 × shears: x1'])
        ->and(partsOf(kitOn($shop, 'van', '2027-03-04')))->toBe(['3 × cutter (1 seldom): c1 c2 c3', '1 × shears: x1'])
        ->and(awayFrom(kitOn($shop, 'van', '2027-03-04')))->toBe(['n1 asset.away'])
        ->and(awayFrom(kitOn($shop, 'bench', '2027-03-04')))->toBe(['c3 asset.away'])
        // What is not tracked is as on paper on any day.
        ->and(partsOf(kitOn($shop, 'paper', '2027-03-04')))->toBe(['2 × knife'])
        ->and(awayFrom(kitOn($shop, 'paper', '2027-03-04')))->toBe([]);
    // Without a day a tracked kit is what is written, too.
    expect(partsOf($shop->onDay()->kit($shop->kits[0], null, new HouseRules())))->toBe(['3 × cutter', '1 × snips']);
});

it('reaches for its own, then for what other kits share, which they do not pass on', function (): void {
    $shop = benchShop(van: ['shares' => ['paper', 'bench']]);
    $van = $shop->kits[0];
    expect(partsOf(kitOn($shop, 'van', '2027-03-01')))->toBe(['2 × cutter: c1 c2', '1 × snips: n1', '1 × shears: x1', '2 × knife shared', '1 × cutter shared: c3'])
        ->and(partsOf($shop->onDay()->kit($van, null, new HouseRules())))->toBe(['3 × cutter', '1 × snips', '2 × knife shared', '1 × cutter shared'])
        ->and(partsOf(kitOn(benchShop(van: ['shares' => ['bench']]), 'bench', '2027-03-01')))->toBe(['1 × cutter: c3']);
    $tool = array_column($shop->tools, null, 'id');
    $asIf = static fn(array $with, array $without): array => partsOf($shop->onDay()->kit($van, Day::read('2027-03-01'), new HouseRules(), $with, $without));
    expect($asIf([$tool['snips'], $tool['knife']], [$tool['cutter']]))->toBe(['2 × snips: n1', '1 × shears: x1', '1 × knife', '2 × knife shared'])
        // What is listed and not there comes to its entry.
        ->and($asIf([$tool['cutter']], []))->toBe(['3 × cutter: c1 c2', '1 × snips: n1', '1 × shears: x1', '2 × knife shared', '1 × cutter shared: c3']);
    $gone = benchShop([['id' => '1', 'on' => '2027-03-01', 'what' => 'moved', 'asset' => 'n1']]);
    $van = $gone->kits[0];
    expect(partsOf($gone->onDay()->kit($van, Day::read('2027-03-01'), new HouseRules(), [$gone->tools[1]])))->toBe(['2 × cutter: c1 c2', '1 × snips', '1 × shears: x1']);
});

it('prefers a good thing of its own, and calls makeshift what only a seldom one does', function (array $log, array $van, string $tool, string $status, array $codes): void {
    $shop = benchShop($log, $van);
    $report = (new ReportWriter(tellsAssets: true))->report(Coverage::of(kitOn($shop, 'van', '2027-03-04')->kit, $shop->scopes[0], new HouseRules()));
    $step = $report['lines'][0]['steps'][0];
    $told = array_values(array_intersect(array_column($step['reasons'], 'code'), ['tool.shared', 'condition.seldom']));
    expect([$step['tool'] . ': ' . implode(' ', $step['assets']), $step['status'], $told])->toBe([$tool, $status, $codes]);
})->with(function (): array {
    $told = static fn(string $asset, string $condition): array => ['id' => $asset, 'on' => '2027-03-01', 'what' => 'condition', 'asset' => $asset, 'condition' => $condition];
    $shares = ['shares' => ['bench', 'paper']];

    return [
        'all is well' => [[], $shares, 'cutter: c1 c2', 'covered', []],
        'one of two is worn' => [[$told('c1', 'seldom')], $shares, 'cutter: c1 c2', 'covered', []],
        'both are worn, the next is good' => [[$told('c1', 'seldom'), $told('c2', 'seldom')], $shares, 'snips: n1', 'covered', []],
        'all of its own are worn: a good one is fetched' => [array_map(static fn(string $id): array => $told($id, 'seldom'), ['c1', 'c2', 'n1', 'x1']), $shares, 'cutter: c3', 'covered', ['tool.shared']],
        'nothing is shared' => [array_map(static fn(string $id): array => $told($id, 'seldom'), ['c1', 'c2', 'n1', 'x1']), [], 'cutter: c1 c2', 'makeshift', ['condition.seldom']],
        'nothing counts' => [array_map(static fn(string $id): array => $told($id, 'retired'), ['c1', 'c2', 'n1', 'x1']), [], ': ', 'hole', []],
    ];
});

it('counts each thing for backups, a seldom one as makeshift', function (array $log, array $van, bool $unbacked): void {
    $shop = benchShop($log, $van, ['backupFor' => ['cut']]);
    $report = Coverage::of(kitOn($shop, 'van', '2027-03-04')->kit, $shop->scopes[0], $shop->rulesFor($shop->scopes[0]));
    expect($report->lines[0]->steps[0]->unbacked)->toBe($unbacked);
})->with(function (): array {
    $told = static fn(string ...$worn): array => array_map(static fn(string $id): array => ['id' => $id, 'on' => '2027-03-01', 'what' => 'condition', 'asset' => $id, 'condition' => 'seldom'], $worn);

    return [
        'two of one model' => [$told('n1', 'x1'), [], false],
        'one good one of a model of two' => [$told('c1', 'n1', 'x1'), [], true],
        'one good one, and another may be fetched' => [$told('c1', 'n1', 'x1'), ['shares' => ['bench']], false],
        'one worn one alone' => [[...$told('c1'), ...array_map(static fn(string $id): array => ['id' => 'r' . $id, 'on' => '2027-03-01', 'what' => 'condition', 'asset' => $id, 'condition' => 'retired'], ['c2', 'n1', 'x1'])], [], true],
        'worn ones back each other' => [$told('c1', 'c2', 'n1', 'x1'), [], false],
    ];
});

it('tells among the others the same model that might be fetched', function (): void {
    $shop = benchShop(van: ['shares' => ['bench']]);
    $kit = kitOn($shop, 'van', '2027-03-04')->kit;
    $step = Coverage::of($kit, $shop->scopes[0], new HouseRules())->lines[0]->steps[0];
    $told = array_map(static fn(ToolMatch $match): string => $match->tool->id . ($match->part->isShared ? ' shared' : ''), (new Others($kit, new HouseRules()))->of($step));
    expect($told)->toBe(['snips', 'shears', 'cutter shared']);
});

it('covers from day to day by how good the things are, not only by how many', function (): void {
    $told = static fn(string $asset, string $on, string $condition): array => ['id' => $asset . $on, 'on' => $on, 'what' => 'condition', 'asset' => $asset, 'condition' => $condition];
    $shop = benchShop([...array_map(static fn(string $id): array => $told($id, '2027-03-01', 'retired'), ['x1', 'n1', 'c2']), $told('c1', '2027-03-05', 'seldom'), $told('c1', '2027-03-07', 'good')], ['shares' => ['paper']]);
    $days = (new Calendar($shop->onDay(), $shop->kits[0], $shop->scopes[0], new HouseRules()))->days(Day::read('2027-03-01'), 9);
    expect(array_map(static fn(CalendarDay $day): array => [$day->on->plain(), $day->headline->covered, $day->headline->makeshift], $days))
        ->toBe([['2027-03-01', 5, 0], ['2027-03-05', 0, 5], ['2027-03-07', 5, 0]]);
});

it('knows on any day what was known by then', function (int $seed): void {
    $document = GeneratedThings::of($seed);
    $shop = shopOf($document);
    foreach (['2027-01-20', '2027-03-10', '2027-04-25', '2027-06-30', '2027-12-31'] as $day) {
        $cut = clone $document;
        $cut->log = array_values(array_filter($document->log, static fn(\stdClass $entry): bool => $entry->on <= $day));
        foreach ($shop->kits as $kit) {
            expect(partsOf(kitOn($shop, $kit->id, $day)))->toBe(partsOf(kitOn(shopOf($cut), $kit->id, $day)))
                ->and((new DayWriter())->kit(kitOn($shop, $kit->id, $day)))->toBe((new DayWriter())->kit(kitOn(shopOf($cut), $kit->id, $day)));
        }
    }
})->with(range(31, 40));

it('takes a void as if the entry had never been written', function (int $seed): void {
    $document = GeneratedThings::of($seed);
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    // What may be gone without making another untrue.
    $free = array_values(array_filter($document->log, static fn(\stdClass $entry): bool => !in_array($entry->what, ['out', 'back'], true)));
    $chosen = array_map(static fn(int $key): string => $free[$key]->id, $random->pickArrayKeys($free, min(12, count($free))));
    $without = clone $document;
    $without->log = array_values(array_filter($document->log, static fn(\stdClass $entry): bool => !in_array($entry->id, $chosen, true)));
    $voided = clone $document;
    $voided->log = [...$document->log, ...array_map(static fn(string $id): \stdClass => (object) ['id' => 'void-' . $id, 'on' => '2027-07-01', 'what' => 'void', 'entry' => $id], $chosen)];
    foreach (['2027-02-20', '2027-04-10', '2027-12-31'] as $day) {
        foreach (['kit', 'other'] as $kit) {
            expect((new DayWriter())->kit(kitOn(shopOf($voided), $kit, $day)))->toBe((new DayWriter())->kit(kitOn(shopOf($without), $kit, $day)))
                ->and(partsOf(kitOn(shopOf($voided), $kit, $day)))->toBe(partsOf(kitOn(shopOf($without), $kit, $day)));
        }
    }
})->with(range(51, 60));

it('tells from day to day what check says of each', function (int $seed): void {
    $shop = shopOf(GeneratedThings::of($seed));
    [$kit, $scope] = [$shop->kits[0], $shop->scopes[0]];
    $rules = $shop->rulesFor($scope);
    $from = Day::read('2027-01-10');
    $told = (new Calendar($shop->onDay(), $kit, $scope, $rules))->days($from, 200);
    $byDay = [];
    foreach ($told as $day) {
        $byDay[$day->on->number] = $day;
    }
    expect($told[0]->changes)->toBe([])->and(count($told))->toBe(count($byDay))->toBeGreaterThan(10);
    $before = $known = null;
    for ($n = 0; $n < 200; $n++) {
        $day = $from->plus($n);
        $stands = kitOn($shop, 'kit', $day->plain());
        // What counts, good or seldom, of its own and shared.
        $counts = [];
        foreach ($stands->kit->tools as $part) {
            foreach ($part->assets as $asset) {
                $standing = array_column($shop->onDay()->histories, null, null)[(int) substr($asset, 1) - 1]->on($day)->standing($part->isShared ? 'other' : 'kit', $rules->duesThatCount);
                $counts[$asset] = ($part->isShared ? 'other ' : 'kit ') . $standing->code?->value;
            }
        }
        ksort($counts);
        $headline = Coverage::of($stands->kit, $scope, $rules)->headline;
        if ($before !== null) {
            expect(isset($byDay[$day->number]))->toBe($before !== $counts, $day->plain());
        }
        if (isset($byDay[$day->number])) {
            $known = $byDay[$day->number]->headline;
            $changed = array_map(static fn(AssetStanding $change): string => $change->asset->id, $byDay[$day->number]->changes);
            $otherwise = array_keys(array_diff_assoc($counts, $before ?? $counts) + array_diff_assoc($before ?? $counts, $counts));
            expect($changed)->toEqualCanonicalizing($otherwise);
        }
        expect($known)->toEqual($headline, $day->plain());
        $before = $counts;
    }
})->with(range(71, 76));

it('says what changes and why', function (): void {
    $shop = benchShop([
        ['id' => '1', 'on' => '2027-03-02', 'what' => 'out', 'asset' => 'n1', 'to' => ['person' => 'ada']],
        ['id' => '2', 'on' => '2027-03-04', 'what' => 'moved', 'asset' => 'x1', 'to' => 'bench'],
        ['id' => '3', 'on' => '2027-03-05', 'what' => 'condition', 'asset' => 'c1', 'condition' => 'seldom'],
        ['id' => '4', 'on' => '2027-03-05', 'what' => 'back', 'asset' => 'n1'],
        ['id' => '5', 'on' => '2027-03-07', 'what' => 'condition', 'asset' => 'c1', 'condition' => 'watch'],
        ['id' => '6', 'on' => '2027-03-08', 'what' => 'condition', 'asset' => 'c1', 'condition' => 'good'],
        ['id' => '7', 'on' => '2027-03-09', 'what' => 'out', 'asset' => 'c3', 'to' => ['kit' => 'van']],
    ]);
    $days = (new Calendar($shop->onDay(), $shop->kits[0], $shop->scopes[0], new HouseRules()))->days(Day::read('2027-03-01'), 9);
    $told = array_map(static fn(array $day): string => $day['on'] . ' ' . implode('; ', array_map(static fn(array $change): string => $change['asset'] . ($change['counts'] ? ' counts' : ' not') . ' ' . ($change['code'] ?? '-'), $day['changes'])), (new DayWriter())->days($days));
    expect($told)->toBe([
        '2027-03-01 ',
        '2027-03-02 n1 not asset.away',
        '2027-03-04 x1 not asset.away',
        '2027-03-05 n1 counts -; c1 counts condition.seldom',
        '2027-03-07 c1 counts -',
        // From watched to good nothing changes.
        '2027-03-09 c3 counts -',
    ])->and(array_unique(array_map(static fn(CalendarDay $day): int => $day->headline->terminations, $days)))->toBe([5]);
    // The last day is one of them, and the day after is not.
    $short = (new Calendar($shop->onDay(), $shop->kits[0], $shop->scopes[0], new HouseRules()))->days(Day::read('2027-03-01'), 8);
    expect(end($short)->on->plain())->toBe('2027-03-07');
});

it('looks ahead: what a kit lacks of what is packed in it, and what opens when', function (string $kit, string $scope, string $from, int $days, int $lost, array $away, array $openings): void {
    $shop = (new WorkbookCodec())->read((string) file_get_contents(dirname(__DIR__, 2) . '/database/demo/tarnholt-ropeway.json'));
    [$of, $for] = [$shop->kit($kit) ?? throw new LogicException(), $shop->scope($scope) ?? throw new LogicException()];
    $outlook = Outlook::of($shop->onDay(), $of, $for, $shop->rulesFor($for), Day::read($from), $days, new Known());
    expect($outlook->lost)->toBe($lost)
        ->and(array_map(static fn(AssetStanding $one): string => $one->asset->id, $outlook->away))->toBe($away)
        ->and(array_map(static fn(Opening $one): string => $one->day->on . ' ' . $one->terminations, $outlook->openings))->toBe($openings);
})->with([
    'a lent stripper' => ['panel-bench', 'station-panel', '2026-12-01', 31, 10, ['ST-04'], []],
    'before it was lent' => ['panel-bench', 'station-panel', '2026-11-11', 1, 0, [], []],
    'a driver that lapses on the seventh day' => ['pylon-backpack', 'tower-7', '2026-12-01', 8, 0, [], ['2026-12-08 32']],
    'one day less is too early to tell' => ['pylon-backpack', 'tower-7', '2026-12-01', 7, 0, [], []],
    'from then on it is lost' => ['pylon-backpack', 'tower-7', '2026-12-08', 365, 26, ['TQ-03'], ['2027-05-06 20']],
]);

it('tells what rests on a thing: all that takes its model, and what opens when it alone is gone', function (string $case, array $assets, string $asset, array $told): void {
    $document = json_decode((string) json_encode(ThingsShop::document('home=van', '', '')), true);
    $document['tools'] = [
        ['id' => 'crimper', 'name' => 'Crimper', 'kind' => 'crimper', 'capabilities' => [['op' => 'crimp', 'classes' => ['insulated'], 'control' => 'full-cycle', 'profile' => 'oval', 'nests' => [['label' => 'blue', 'size' => '16-14 AWG']]]]],
        ['id' => 'cutter', 'name' => 'Cutter', 'kind' => 'cutter', 'capabilities' => [['op' => 'cut', 'single' => '22-8 AWG']]],
        ['id' => 'knife', 'name' => 'Stripper', 'kind' => 'stripper', 'capabilities' => [['op' => 'strip', 'method' => 'self-adjusting', 'insulation' => ['pvc'], 'size' => '20-10 AWG']]],
        ['id' => 'both', 'name' => 'Cutter and stripper', 'kind' => 'stripper', 'capabilities' => [['op' => 'cut', 'single' => '22-8 AWG'], ['op' => 'strip', 'method' => 'self-adjusting', 'insulation' => ['pvc'], 'size' => '20-10 AWG']]],
        ['id' => 'idle', 'name' => 'Large cutter', 'kind' => 'cutter', 'capabilities' => [['op' => 'cut', 'single' => '4-1 AWG']]],
    ];
    $document['kits'][0]['tools'] = array_map(static fn(string $tool): array => ['tool' => $tool], ['crimper', 'cutter', 'knife', 'idle', 'both']);
    $document['assets'] = array_map(static fn(array $of): array => ['id' => $of[0], 'tool' => $of[1], 'home' => 'van'], $assets);
    $document['scopes'] = [['id' => 'work', 'name' => 'Work', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => 12], ['id' => 'l2', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => 30]]]];
    $shop = shopOf(json_decode((string) json_encode($document)));
    $resting = Resting::of($shop->onDay(), $asset, $shop->kits[0], $shop->scopes[0], $shop->rulesFor($shop->scopes[0]), Day::read('2027-03-04'));
    expect([$resting->taken, $resting->lost])->toBe($told, $case);
})->with([
    ['the only crimper', [['c1', 'crimper'], ['c2', 'cutter'], ['c3', 'knife']], 'c1', [42, 42]],
    ['one of two: nothing opens', [['c1', 'crimper'], ['c4', 'crimper'], ['c2', 'cutter'], ['c3', 'knife']], 'c1', [42, 0]],
    ['one that does two steps of a line', [['c1', 'crimper'], ['c6', 'both']], 'c6', [42, 42]],
    ['what is taken for nothing', [['c1', 'crimper'], ['c2', 'cutter'], ['c3', 'knife'], ['c5', 'idle']], 'c5', [0, 0]],
    ['where another is missing all is a hole already', [['c1', 'crimper'], ['c2', 'cutter']], 'c1', [42, 0]],
]);

it('knows the models that belong into a kit and of which nothing counts', function (string $case, array $retired, array $gone): void {
    $log = array_map(static fn(string $tag): array => ['id' => 'r-' . $tag, 'on' => '2027-03-01', 'what' => 'condition', 'asset' => $tag, 'condition' => 'retired'], $retired);
    expect(array_map(static fn(Tool $tool): string => $tool->id, kitOn(benchShop($log), 'van', '2027-03-04')->gone()))->toBe($gone, $case);
})->with([
    ['all is there', [], []],
    ['one of two', ['c1'], []],
    ['both of a model, told once', ['c1', 'c2'], ['cutter']],
    ['two models', ['c1', 'n1', 'c2'], ['snips', 'cutter']],
    ['of another kit', ['c3'], []],
]);
