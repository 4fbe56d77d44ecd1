<?php

declare(strict_types=1);

use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Asset\Finding;
use Gondrik\Core\OnDay\AssetDue;
use Gondrik\Core\OnDay\AssetSign;
use Gondrik\Core\OnDay\AwayCode;
use Gondrik\Core\OnDay\DueDates;
use Gondrik\Core\OnDay\DueState;
use Gondrik\Core\OnDay\FirstWeeks;
use Gondrik\Core\OnDay\Inventory;
use Gondrik\Core\OnDay\Lasting;
use Gondrik\Core\OnDay\ModelCount;
use Gondrik\Core\OnDay\Standing;
use Gondrik\Core\Output\AssetWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/** @param list<DueKind> $counting */
function standingOf(Workbook $shop, string $day, string $kit, array $counting = HouseRules::DUES_THAT_COUNT): Standing
{
    return $shop->onDay()->histories[0]->on(Day::read($day))->standing($kit, $counting);
}

it('says of a thing on a day whether it counts, and why not', function (array $row): void {
    $standing = standingOf(ThingsShop::of($row['asset'], $row['dues'], $row['log']), $row['day'], $row['kit']);
    expect([$standing->counts ? 'yes' : 'no', (string) $standing->code?->value, (string) $standing->since, (string) $standing->until])
        ->toBe([$row['counts'], $row['code'], $row['since'], $row['until']]);
})->with(CaseTable::of('things', 'case'));

it('says what would make a thing count again, and what that costs', function (array $row): void {
    $shop = ThingsShop::of($row['asset'], $row['dues'], $row['log'], duePrice: 4500);
    $day = Day::read($row['day']);
    $van = $shop->onDay()->mendings($shop->kit('van'), $day, $shop->rules())[0] ?? null;
    $mending = $shop->onDay()->histories[0]->on($day)->mending(HouseRules::DUES_THAT_COUNT);
    expect($van)->toEqual($mending)
        ->and([
            'lent' => $mending === null ? '' : ($mending->isLent ? 'yes' : 'no'),
            'renew' => implode(' ', array_map(static fn(DueState $state): string => $state->due->kind->value, $mending->dues ?? [])),
            'price' => (string) $mending?->price(),
        ])->toBe(array_intersect_key($row, array_flip(['lent', 'renew', 'price'])));
})->with(CaseTable::of('mendings', 'case'));

it('says of what has come lately how it is looked at, and until when it can go back', function (array $row): void {
    $document = ThingsShop::document($row['asset'], 'verification:365d', $row['log']);
    $document['tools'][0]['capabilities'] = [['op' => 'cut', 'single' => '20-10 AWG'], ['op' => 'crimp', 'classes' => ['insulated'], 'control' => 'full-cycle', 'profile' => 'oval', 'nests' => [['label' => 'blue', 'size' => '16-14 AWG']]]];
    $shop = (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
    $first = FirstWeeks::of($shop->onDay()->histories[0], Day::read($row['day']));
    $written = (new AssetWriter(Day::read($row['day']), []))->thing($shop->onDay()->histories[0]);
    expect([(string) $first->check?->value, (string) $first->returnBy])->toBe([$row['check'], $row['return']])
        ->and([$written['firstCheck'] !== null, $written['goesBackSoon']])->toBe([$row['check'] !== '', $row['return'] !== '']);
})->with(CaseTable::of('first-weeks', 'case'));

it('has a first check for every operation that is looked at, and none for what does nothing', function (): void {
    foreach ([['cut', ['single' => '20-10 AWG'], 'largest'], ['crimp', ['classes' => ['insulated'], 'control' => 'full-cycle', 'profile' => 'oval', 'nests' => [['label' => 'blue', 'size' => '16-14 AWG']]], 'pull them'], [null, [], '']] as [$op, $capability, $words]) {
        $document = ThingsShop::document('bought=2027-03-01', '', '');
        $document['tools'][0]['capabilities'] = $op === null ? [] : [['op' => $op, ...$capability]];
        $written = (new AssetWriter(Day::read('2027-03-04'), []))->thing((new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR))->onDay()->histories[0]);
        expect((string) $written['firstCheck'])->toContain($words)->and($written['firstCheck'] === null)->toBe($op === null);
    }
});

it('refuses a thing that goes back before it came', function (): void {
    expect(static fn(): Workbook => ThingsShop::of('bought=2027-03-02 returnBy=2027-03-01', '', ''))
        ->toThrow(static fn(InvalidWorkbook $error) => expect($error->problems[0]->path)->toBe('assets/0/returnBy')->and($error->problems[0]->value)->toBe('2027-03-01'));
});

it('shows of a thing first what asks the most of somebody', function (array $row): void {
    $day = Day::read($row['day']);
    $state = ThingsShop::of($row['asset'], $row['dues'], $row['log'])->onDay()->histories[0]->on($day);
    expect(AssetSign::of($state, $day, HouseRules::DUES_THAT_COUNT)->value)->toBe($row['sign']);
})->with(CaseTable::of('signs', 'case'));

it('writes a thing as it is on a day, and says nothing wrong of one on the shelf', function (): void {
    $day = Day::read('2027-03-05');
    $written = static fn(string $asset, string $dues, string $log): array => (new AssetWriter($day, HouseRules::DUES_THAT_COUNT))->thing(ThingsShop::of($asset, $dues, $log)->onDay()->histories[0]);
    $lent = $written('home=van bought=2027-01-01', 'calibration:90d', '2027-03-03 out person=ada due=2027-03-10');
    expect(array_intersect_key($lent, array_flip(['home', 'kit', 'sign', 'text', 'cycles'])))->toBe(['home' => 'van', 'kit' => null, 'sign' => 'out', 'text' => 'Lent to Ada since 2027-03-03, due back on 2027-03-10.', 'cycles' => 0])
        ->and($lent['out'])->toBe(['to' => 'Ada', 'person' => 'ada', 'kit' => null, 'since' => '2027-03-03', 'due' => '2027-03-10'])
        ->and($lent['dues'])->toBe([['kind' => 'calibration', 'done' => null, 'next' => '2027-04-01', 'cyclesLeft' => null, 'code' => null, 'since' => null]])
        ->and($written('', '', '')['text'])->toBe('')
        ->and($written('', '', '2027-03-03 condition condition=seldom')['text'])->toBe('Kept for what must not be perfect since 2027-03-03.')
        ->and($written('home=van bought=2027-03-06', '', '')['text'])->toBe('It comes only later: until 2027-03-05 it is not there.');
});

it('knows what hands find wrong with a thing, and a condition for each', function (): void {
    $findings = AssetWriter::findings(new HouseRules());
    expect(array_column($findings, 'condition', 'code'))->toMatchArray(['dents' => 'seldom', 'jaws' => 'retired', 'pivot' => 'watch'])
        ->and(array_filter($findings, static fn(array $finding): bool => Condition::tryFrom($finding['condition']) === null || $finding['text'] === ''))->toBe([])
        ->and(array_column($findings, 'code'))->toEqualCanonicalizing(array_column(Finding::cases(), 'value'));
});

it('lets the house choose what follows from what hands find, each once', function (): void {
    $of = static fn(array $rules): Workbook => ThingsShop::of('home=van', '', '', ['findings' => $rules]);
    $shop = $of([['finding' => 'pivot', 'condition' => 'retired'], ['finding' => 'dull', 'condition' => 'good']]);
    expect(array_column(AssetWriter::findings($shop->rules()), 'condition', 'code'))->toMatchArray(['pivot' => 'retired', 'dull' => 'good', 'dents' => 'seldom'])
        ->and(static fn(): Workbook => $of([['finding' => 'pivot', 'condition' => 'watch'], ['finding' => 'pivot', 'condition' => 'seldom']]))
        ->toThrow(static fn(InvalidWorkbook $error) => expect($error->problems[0]->path)->toBe('houseRules/findings/1/finding'))
        ->and(static fn(): Workbook => $of([['finding' => 'squeaks', 'condition' => 'watch']]))
        ->toThrow(static fn(InvalidWorkbook $error) => expect([$error->problems[0]->path, $error->problems[0]->value])->toBe(['houseRules/findings/0/finding', 'squeaks']));
});

it('counts by the dues that the house names, and by the pull standard of the shop', function (): void {
    $oiled = ThingsShop::of('home=van bought=2026-03-01', 'oil:30d calibration:30d', '');
    expect(standingOf($oiled, '2027-03-01', 'van', [DueKind::Oil])->due)->toBe(DueKind::Oil)
        ->and(standingOf($oiled, '2027-03-01', 'van', [])->counts)->toBeTrue();
    // Without a terminal the house's standard says what must hold: UL 486A-486B wants 50 lbf of 14 AWG.
    $pulled = static fn(array $rules): bool => standingOf(ThingsShop::of('home=van', '', '2027-03-03 pull forces=222', $rules), '2027-03-04', 'van')->counts;
    expect([$pulled([]), $pulled(['pullStandard' => 'UL 486A-486B'])])->toBe([true, false]);
});

it('says why in a sentence, whatever the code', function (): void {
    $day = Day::read('2027-03-03');
    $said = array_map(static fn(AwayCode $code): string => (new Sentence())->away(new Standing(false, $code, $day, $day->plus(7), DueKind::Calibration, 'the cable crew')), AwayCode::cases());
    expect($said)->toBe([
        'It comes only later: until 2027-03-10 it is not there.',
        'Lent to the cable crew since 2027-03-03, due back on 2027-03-10.',
        'Retired on 2027-03-03.',
        'A pull was under what it must hold on 2027-03-03, and nobody has cleared it.',
        'Its calibration failed on 2027-03-03.',
        'Its calibration was never done.',
        'Its calibration is past since 2027-03-03.',
        'Kept for what must not be perfect since 2027-03-03.',
    ])->and((new Sentence())->away(new Standing(false, AwayCode::Away, $day)))->toBe('Not here since 2027-03-03.')
        ->and((new Sentence())->away(new Standing(true)))->toBe('');
});

it('refuses what cannot be true, each at its place', function (string $asset, string $dues, string $log, array $expected): void {
    try {
        ThingsShop::of($asset, $dues, $log);
        $told = [];
    } catch (InvalidWorkbook $invalid) {
        $told = array_map(static fn(Problem $problem): string => $problem->path . ': ' . $problem->expected, $invalid->problems);
    }
    expect($told)->toBe($expected);
})->with([
    'out twice' => ['', '', '2027-03-03 out person=ada; 2027-03-05 out person=bo', ['log/1/asset: a thing that is in: this one is out since 2027-03-03 and has not come back']],
    'out twice in the order of days, whatever the order of writing' => ['', '', '2027-03-05 out person=ada; 2027-03-03 out person=bo', ['log/0/asset: a thing that is in: this one is out since 2027-03-03 and has not come back']],
    'a back without an out' => ['', '', '2027-03-03 back', ['log/0/asset: a thing that is out: on 2027-03-03 this one is in']],
    'a back whose out was voided' => ['', '', '2027-03-03 out person=ada; 2027-03-05 back; 2027-03-06 void entry=1', ['log/1/asset: a thing that is out: on 2027-03-05 this one is in']],
    'both voided' => ['', '', '2027-03-03 out person=ada; 2027-03-05 back; 2027-03-06 void entry=1; 2027-03-06 void entry=2', []],
    'of what was voided it is not asked' => ['', '', '2027-03-03 back; 2027-03-04 void entry=1', []],
    'a reading that falls' => ['cycles=100', '', '2027-03-03 cycles cycles=99', ['log/0/cycles: at least the last reading, 100: a counter does not fall']],
    'a reading that falls behind one that was done' => ['', 'verification:10c', '2027-03-03 done due=verification cycles=8; 2027-03-04 cycles cycles=7; 2027-03-05 cycles cycles=8', ['log/1/cycles: at least the last reading, 8: a counter does not fall']],
    'a due that it does not have' => ['', 'verification:10c', '2027-03-03 done due=calibration', ['log/0/due: a due that the thing has: verification']],
    'a due of a thing without any' => ['', '', '2027-03-03 done due=calibration', ['log/0/due: a due that the thing has: it has none']],
    'before it was bought' => ['bought=2027-03-04', '', '2027-03-03 condition condition=good', ['log/0/on: the day on which the thing was bought, 2027-03-04, or a later one']],
    'a void of nothing' => ['', '', '2027-03-03 void entry=9', ['log/0/entry: an entry that stands before it in the log']],
    'a void of what comes later' => ['', '', '2027-03-03 void entry=2; 2027-03-03 moved', ['log/0/entry: an entry that stands before it in the log']],
    'a void of a void' => ['', '', '2027-03-03 moved; 2027-03-03 void entry=1; 2027-03-03 void entry=2', ['log/2/entry: an entry that is no void itself: what was voided stays so']],
    'voided twice' => ['', '', '2027-03-03 moved; 2027-03-03 void entry=1; 2027-03-03 void entry=1', ['log/2/entry: an entry that is not voided already']],
    'back before it goes' => ['', '', '2027-03-03 out person=ada due=2027-03-02', ['log/0/due: the day itself or a later one: it goes out on 2027-03-03']],
    'to nobody' => ['', '', '2027-03-03 out', ['log/0/to: must be an object, not array']],
    'to two' => ['', '', '2027-03-03 out person=ada kit=van', ['log/0/to: give person, kit or text, one of them']],
    'to a stranger' => ['', '', '2027-03-03 out person=cy', ['log/0/to/person: no person of the workbook has this id']],
    'of oneself' => ['', '', '2027-03-03 skill person=ada by=ada skill=cut level=shown', ['log/0/by: another person: nobody says it of themselves']],
    'a skill that is none' => ['', '', '2027-03-03 skill person=ada by=bo skill=crimp level=shown', ['log/0/skill: must be one of ' . implode(', ', Gondrik\Core\Tool\HandSkill::names())]],
    'more good than tried' => ['', '', '2027-03-03 practice person=ada skill=cut tries=3 good=4', ['log/0/good: at most as many as were tried, 3']],
    'no day' => ['bought=2027-02-30', '', '2027-13-01 moved', ['assets/0/bought: must be a day as year, month and day: 2027-03-14', 'log/0/on: must be a day as year, month and day: 2027-03-14']],
    'a due that says nothing, and one twice' => ['', 'oil:1d oil:2d', '', ['tools/0/dues/1/kind: each kind of due once']],
    'everything at once' => ['cycles=5', '', '2027-03-03 back; 2027-03-04 cycles cycles=4; 2027-03-05 nothing; 2027-03-06 void entry=7', [
        'log/2/what: must be one of moved, out, back, condition, cycles, done, pull, cleared, skill, practice, counted, received, used, timed, void',
        'log/0/asset: a thing that is out: on 2027-03-03 this one is in',
        'log/1/cycles: at least the last reading, 5: a counter does not fall',
        'log/3/entry: an entry that stands before it in the log',
    ]],
]);

it('refuses kits that name themselves, nobody, or one twice', function (array $kit, string $expected): void {
    $document = ThingsShop::document('', '', '');
    $document['kits'][0] = [...$document['kits'][0], ...$kit];
    expect(static fn() => (new WorkbookCodec())->read((string) json_encode($document)))->toThrow(InvalidWorkbook::class, $expected);
})->with([
    [['shares' => ['van']], 'kits/0/shares/0: "van" – another kit; a kit does not share itself'],
    [['shares' => ['bench', 'bench']], 'kits/0/shares/1: "bench" – each kit once'],
    [['shares' => ['gone']], 'kits/0/shares/0: "gone" – no kit of the workbook has this id'],
    [['like' => 'gone'], 'kits/0/like: "gone" – no kit of the workbook has this id'],
    [['like' => 'van'], 'kits/0/like: "van" – another kit; a kit is no copy of itself'],
]);

it('counts days through months and leap years, and takes nothing that is none', function (): void {
    expect((string) Day::read('2028-02-28')->plus(2))->toBe('2028-03-01')
        ->and((string) Day::read('2027-12-31')->plus(1))->toBe('2028-01-01')
        ->and((string) Day::read('2027-03-01')->plus(-365))->toBe('2026-03-01')
        ->and(Day::read('1970-01-02')->number)->toBe(1)
        ->and(Day::read('2027-03-02')->isAfter(Day::read('2027-03-01')))->toBeTrue()
        ->and(Day::read('2027-03-01')->isAfter(Day::read('2027-03-01')))->toBeFalse();
    foreach (['2027-3-1', '2027-02-29', '27-03-01', '2027-03-01T00:00', '', 20270301, null, '1899-12-31', '3000-01-01', "2027-03-01\n"] as $none) {
        expect(static fn(): Day => Day::read($none))->toThrow(Invalid::class);
    }
});

it('tells what is to be done to a thing and when, by weeks that begin on a Monday', function (array $row): void {
    $today = Day::read($row['today']);
    $told = array_map(static fn(AssetDue $due): string => implode(' ', array_filter([
        $due->state->due->kind->value,
        $due->on?->plain(),
        $due->week($today) === null ? '' : 'in ' . $due->week($today)->plain(),
        $due->state->code?->value,
    ])), DueDates::of(ThingsShop::of($row['asset'], $row['dues'], $row['log'])->onDay()->histories, $today, (int) $row['days']));
    expect(implode('; ', $told))->toBe($row['told']);
})->with(CaseTable::of('dues', 'case'));

it('knows the Monday of any day, as the calendar of PHP does', function (): void {
    for ($day = Day::read('1969-12-20'), $checked = 0; $checked < 40; $checked++, $day = $day->plus(1)) {
        expect($day->monday()->plain())->toBe((new DateTimeImmutable($day->plain() . ' UTC'))->modify('monday this week')->format('Y-m-d'));
    }
});

it('holds what lives in a kit against its paper', function (string $case, string $asset, string $log, array $told): void {
    $shop = ThingsShop::of($asset, '', $log);
    $kits = array_column($shop->kits, null, 'id');
    $differing = static fn(string $kit): array => array_map(
        static fn(ModelCount $count): string => $count->tool->id . ' ' . $count->wanted . ' wanted, there: ' . implode(' ', $count->tags),
        Inventory::of($kits[$kit], $shop->onDay()->histories, Day::read('2027-03-04'))->againstPaper(),
    );
    // The van lists one crimper, the bench none.
    expect([$differing('van'), $differing('bench')])->toBe($told, $case);
})->with([
    ['where it is planned', 'home=van', '', [[], []]],
    ['on the shelf', '', '', [['crimper 1 wanted, there: '], []]],
    ['where it is not planned', 'home=bench', '', [['crimper 1 wanted, there: '], ['crimper 0 wanted, there: c1']]],
    ['moved to where it is planned', 'home=bench', '2027-03-04 moved to=van', [[], []]],
    ['lent out, it lives there still', 'home=van', '2027-03-03 out person=ada', [[], []]],
    ['lent to another kit, it lives there still', 'home=van', '2027-03-03 out kit=bench', [[], []]],
    ['out of service', 'home=van', '2027-03-03 condition condition=retired', [['crimper 1 wanted, there: '], []]],
    ['to come', 'home=van bought=2027-03-05', '', [['crimper 1 wanted, there: '], []]],
]);

it('tells what a copy has more or less of than the kit that it is a copy of', function (): void {
    $document = ThingsShop::document('home=van', '', '');
    $document['tools'][] = ['id' => 'cutter', 'name' => 'Cutter', 'kind' => 'cutter', 'capabilities' => []];
    $document['assets'][] = ['id' => 'c2', 'tool' => 'cutter', 'home' => 'bench'];
    $document['assets'][] = ['id' => 'c3', 'tool' => 'cutter', 'home' => 'bench'];
    $shop = (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
    $of = static fn(Kit $kit): Inventory => Inventory::of($kit, $shop->onDay()->histories, Day::read('2027-03-04'));
    [$van, $bench] = array_map($of, $shop->kits);
    $told = static fn(array $counts): array => array_map(static fn(ModelCount $count): array => [$count->tool->id, $count->wanted, count($count->tags)], $counts);
    expect($told($bench->against($van)))->toBe([['crimper', 1, 0], ['cutter', 0, 2]])
        ->and($told($van->against($bench)))->toBe([['cutter', 2, 0], ['crimper', 0, 1]])
        ->and($van->against($van))->toBe([]);
});

it('tells how long things of a model have lasted', function (string $case, string $asset, string $log, array $worn, array $good): void {
    $lasting = Lasting::of(ThingsShop::of($asset, '', $log)->onDay()->histories, Day::read('2027-03-04'));
    expect([$lasting->worn, $lasting->good])->toBe([$worn, $good], $case);
})->with([
    ['good since it was bought', 'bought=2027-02-02', '', [], [30]],
    ['watched is good still', 'bought=2027-02-02', '2027-02-10 condition condition=watch', [], [30]],
    ['kept for what must not be perfect', 'bought=2027-01-01', '2027-02-10 condition condition=seldom', [40], []],
    ['seldom first, then out of service', 'bought=2027-01-01', '2027-02-10 condition condition=seldom; 2027-03-01 condition condition=retired', [40], []],
    ['good again in between', 'bought=2027-01-01', '2027-01-11 condition condition=seldom; 2027-01-21 condition condition=good; 2027-02-20 condition condition=retired', [50], []],
    ['good again', 'bought=2027-02-02', '2027-02-10 condition condition=seldom; 2027-02-11 condition condition=good', [], [30]],
    ['only later', 'bought=2027-02-02', '2027-03-05 condition condition=retired', [], [30]],
    ['nobody knows since when', '', '2027-02-10 condition condition=seldom', [], []],
    ['to come', 'bought=2027-03-05', '', [], []],
]);

it('puts what lasted least first, and of the good ones the oldest', function (): void {
    $document = ThingsShop::document('bought=2027-01-01', '', '2027-02-10 condition condition=seldom');
    foreach (['c2' => '2026-02-10', 'c3' => '2026-03-04', 'c4' => '2025-03-04'] as $id => $bought) {
        $document['assets'][] = ['id' => $id, 'tool' => 'crimper', 'bought' => $bought];
    }
    $document['log'][] = ['id' => 'x', 'on' => '2027-02-10', 'what' => 'condition', 'asset' => 'c2', 'condition' => 'retired'];
    $lasting = Lasting::of((new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR))->onDay()->histories, Day::read('2027-03-04'));
    expect([$lasting->worn, $lasting->good])->toBe([[40, 365], [730, 365]]);
});
