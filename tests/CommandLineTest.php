<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

const DEMO = __DIR__ . '/../database/demo/tarnholt-ropeway.json';

it('tells the holes first, with dots for status', function (): void {
    $process = gondrik(['check', DEMO, '--kit', 'pylon-backpack', '--scope', 'tower-7']);
    $lines = explode("\n", $process->getOutput());
    expect($process->getExitCode())->toBe(1)
        ->and($lines[0])->toBe('Pylon backpack × Tower 7: heating and rescue winch')
        ->and($lines[4])->toBe('○ strip-sheath, 70 terminations: heat-15, heat-25, feeder-4')
        ->and($lines[5])->toContain('wanted   A sheath stripper for round LSZH cable')
        ->and($process->getOutput())->toContain('The sheath does not come off at 3 °C, only above 5 °C.')
        ->and($process->getErrorOutput())->toBe('');
});

it('aligns its columns', function (): void {
    $rows = array_values(array_filter(explode("\n", gondrik(['check', DEMO, '--kit', 'panel-bench', '--scope', 'station-panel'])->getOutput()), static fn(string $row): bool => str_contains($row, 'clamp-')));
    $places = array_unique(array_map(static fn(string $row): int|false => mb_strpos($row, '●', 5), $rows));
    expect($rows)->toHaveCount(9)->and($places)->toHaveCount(1);
});

it('ends with 0, 1 or 2', function (array $arguments, int $status): void {
    $process = gondrik($arguments);
    expect($process->getExitCode())->toBe($status);
    if ($status === 2) {
        expect($process->getOutput())->toBe('')->and($process->getErrorOutput())->not->toBe('');
    }
})->with([
    'all covered' => [['check', DEMO, '--kit', 'panel-bench', '--scope', 'station-panel'], 0],
    'holes' => [['check', DEMO, '--kit', 'panel-bench', '--scope', 'tower-7'], 1],
    'no such kit' => [['check', DEMO, '--kit', 'nobody', '--scope', 'tower-7'], 2],
    'no such scope' => [['check', DEMO, '--kit', 'panel-bench', '--scope', 'nowhere'], 2],
    'no kit said' => [['check', DEMO, '--scope', 'tower-7'], 2],
    'no such file' => [['check', '/nowhere.json', '--kit', 'a', '--scope', 'b'], 2],
    'no workbook' => [['check', __FILE__, '--kit', 'a', '--scope', 'b'], 2],
    'no such format' => [['check', DEMO, '--kit', 'panel-bench', '--scope', 'tower-7', '--format', 'xml'], 2],
    'no such option' => [['check', DEMO, '--colour'], 2],
    'no workbook said' => [['check'], 2],
]);

it('tells the others for gaps, or for all when asked', function (string $why, int $covered): void {
    $report = json_decode(gondrik(['check', DEMO, '--kit', 'pylon-backpack', '--scope', 'tower-7', '--format', 'json', '--why', $why])->getOutput(), true);
    $told = ['gap' => [0, 0], 'covered' => [0, 0]];
    foreach ($report['lines'] as $line) {
        foreach ($line['steps'] as $step) {
            $kind = $step['status'] === 'covered' ? 'covered' : 'gap';
            $told[$kind][0]++;
            $told[$kind][1] += isset($step['others']) ? 1 : 0;
        }
    }
    expect($told['gap'][1])->toBe($told['gap'][0])->and($told['gap'][0])->toBeGreaterThan(0)->and($told['covered'][1])->toBe($covered === 0 ? 0 : $told['covered'][0]);
})->with([['gaps', 0], ['all', 1]]);

it('names every problem of a broken workbook', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'gondrik');
    file_put_contents($file, str_replace('"0.75 mm2"', '"0.75"', (string) file_get_contents(DEMO)));
    $process = gondrik(['check', $file, '--kit', 'panel-bench', '--scope', 'tower-7']);
    unlink($file);
    expect($process->getExitCode())->toBe(2)
        ->and($process->getErrorOutput())->toContain('wires/1/size: "0.75" – Is "0.75" a gauge or an area?')
        ->toContain('terminals/1/size');
});

it('tells the same as ever', function (string $kit, string $scope): void {
    $told = gondrik(['check', DEMO, '--kit', $kit, '--scope', $scope])->getOutput();
    expect($told)->toBe((string) file_get_contents(__DIR__ . "/golden/{$kit}-{$scope}.txt"));
})->with([['pylon-backpack', 'tower-7'], ['panel-bench', 'station-panel']]);

it('writes the report of a small workshop as described', function (): void {
    $process = gondrik(['check', __DIR__ . '/golden/valley-workshop.json', '--kit', 'bench1', '--scope', 'cabin', '--format', 'json']);
    $report = json_decode($process->getOutput(), true);
    expect($process->getExitCode())->toBe(1)
        ->and($report)->toBe(json_decode((string) file_get_contents(__DIR__ . '/golden/valley-workshop.report.json'), true))
        ->and($report['headline'])->toMatchArray(['terminations' => 43, 'covered' => 0, 'hole' => 40, 'faulty' => 3, 'share' => 0, 'carryMissing' => ['two-pole-tester', 'eye-protection']])
        ->and($report['lines'][0]['steps'][0]['reasons'][0]['text'])->toBe('12 AWG is within 30-6 AWG.')
        ->and(array_column($report['lines'][1]['checks'], 'code'))->toBe(['terminal.wire-below', 'terminal.construction']);
});

it('is given up when it takes too long, whatever keeps it', function (array $limits, string $said): void {
    $file = sys_get_temp_dir() . '/gondrik-' . bin2hex(random_bytes(6)) . '.json';
    $wire = ['name' => 'w', 'size' => '12 AWG', 'construction' => 'stranded', 'insulation' => 'pvc'];
    file_put_contents($file, json_encode(['gondrik' => 1, 'wires' => array_map(static fn(int $n): array => ['id' => 'w' . $n, ...$wire], range(1, 60_000)), 'kits' => [['id' => 'k', 'name' => 'k', 'tools' => []]], 'scopes' => [['id' => 's', 'name' => 's', 'lines' => []]]]));
    $process = new Process([dirname(__DIR__) . '/bin/gondrik', 'check', $file, '--kit', 'k', '--scope', 's'], env: $limits);
    $start = microtime(true);
    $process->run();
    unlink($file);
    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('')->and($process->getErrorOutput())->toContain($said)
        ->and(microtime(true) - $start)->toBeLessThan(30);
})->with([
    'time' => [['GONDRIK_SECONDS' => '1'], 'given up'],
    'memory' => [['GONDRIK_MEMORY' => '24M'], 'gondrik: given up, this takes too much time or memory'],
]);

it('reads no file that never ends, and none that is larger than a workbook may be', function (): void {
    $endless = gondrik(['check', '/dev/zero', '--kit', 'k', '--scope', 's']);
    expect($endless->getExitCode())->toBe(2)->and($endless->getErrorOutput())->toContain('there is no such file, or it cannot be read');

    $file = (string) tempnam(sys_get_temp_dir(), 'gondrik');
    $handle = fopen($file, 'r+');
    expect($handle !== false && ftruncate($handle, 3_000_000_000))->toBeTrue();
    $large = gondrik(['check', $file, '--kit', 'k', '--scope', 's']);
    unlink($file);
    expect($large->getExitCode())->toBe(2)->and($large->getErrorOutput())->toContain('must have at most 10 MB');
});

it('obeys nothing that a file brings for the terminal', function (): void {
    $file = sys_get_temp_dir() . '/gondrik-' . bin2hex(random_bytes(6)) . '.json';
    file_put_contents($file, json_encode(['gondrik' => 1, "\x1b[2J" => "\x1b[31m", 'title' => "a\x07b"]));
    $process = gondrik(['check', $file, '--kit', 'k', '--scope', 's']);
    unlink($file);
    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->toContain('title:')->and(preg_match('~[^\P{Cc}\n]~u', $process->getErrorOutput()))->toBe(0);
});

const TAGGED = __DIR__ . '/golden/tagged-shop.json';

it('answers for a day: what does not count and why, and which things are taken', function (): void {
    $asked = static fn(string ...$more): Process => gondrik(['check', TAGGED, '--kit', 'van', '--scope', 'panel', '--format', 'json', ...$more]);
    $on = $asked('--on', '2027-03-05');
    $report = json_decode($on->getOutput(), true);
    expect($on->getExitCode())->toBe(1)
        ->and([$report['on'], $report['hand']])->toBe(['2027-03-05', null])
        ->and($report['away'])->toBe([
            ['asset' => 'S-1', 'tool' => 'stripper', 'code' => 'asset.away', 'since' => '2027-03-03', 'until' => '2027-03-10', 'text' => 'Lent to Ada Lind since 2027-03-03, due back on 2027-03-10.'],
            ['asset' => 'R-1', 'tool' => 'crimper', 'code' => 'due.past', 'since' => '2027-03-01', 'until' => null, 'text' => 'Its verification is past since 2027-03-01.'],
        ])
        // The hole has none; the crimper is the table's, which is not tracked.
        ->and(array_column($report['lines'][0]['steps'], 'assets', 'op'))->toBe(['cut' => ['C-1'], 'strip' => [], 'crimp' => []])
        ->and(array_column($report['lines'][0]['steps'][2]['reasons'], 'code'))->toContain('tool.shared');
    // On paper nobody asks for a day, and what is shared is there, too.
    $paper = $asked();
    expect($paper->getExitCode())->toBe(0)
        ->and(array_keys(json_decode($paper->getOutput(), true)))->toBe(['kit', 'scope', 'headline', 'lines', 'holes'])
        ->and($asked('--without', 'crimper')->getExitCode())->toBe(1)
        ->and($asked('--on', '2027-03-05', '--with', 'stripper')->getExitCode())->toBe(0)
        ->and(json_decode($asked('--on', '2027-03-12', '--rule', 'makeshiftCounts=true')->getOutput(), true)['headline']['share'])->toBe(1)
        ->and(json_decode($asked('--on', '2027-03-05', '--rule', 'duesThatCount=[]')->getOutput(), true)['away'])->toHaveCount(1)
        ->and(json_decode($asked('--rule', 'preset=bench')->getOutput(), true)['headline']['carryMissing'])->toBe(['eye-protection']);
    expect(gondrik(['check', TAGGED, '--kit', 'van', '--scope', 'panel', '--on', '2027-03-05'])->getOutput())
        ->toContain('On 2027-03-05.')->toContain('not counted: S-1, Stripper. Lent to Ada Lind since 2027-03-03, due back on 2027-03-10.');
});

it('takes what is shared and rules as if they were so on the card and in a plan, too', function (): void {
    $card = static fn(string ...$more): array => json_decode(gondrik(['card', TAGGED, '--kit', 'van', '--scope', 'panel', '--line', 'l1', '--format', 'json', ...$more])->getOutput(), true);
    expect(array_column($card()['steps'], 'op'))->toContain('tug')->and(array_column($card('--rule', 'pullTest=no')['steps'], 'op'))->not->toContain('tug');
    $document = json_decode((string) file_get_contents(TAGGED));
    // A van without a crimper of its own: the table has one, and none is bought.
    $document->kits[0]->tools = array_slice($document->kits[0]->tools, 0, 2);
    $document->tools[2]->price = 5000;
    $file = (string) tempnam(sys_get_temp_dir(), 'gondrik');
    file_put_contents($file, json_encode($document));
    $plan = static fn(string ...$more): array => json_decode(gondrik(['plan', $file, '--kit', 'van', '--scope', 'panel', '--format', 'json', ...$more])->getOutput(), true);
    expect($plan()['add'])->toBe([]);
    $document->kits[0]->shares = [];
    file_put_contents($file, json_encode($document));
    expect(array_column($plan()['add'], 'tool'))->toBe(['crimper'])
        ->and(gondrik(['plan', $file, '--kit', 'van', '--scope', 'panel', '--rule', 'colour=red'])->getErrorOutput())->toBe("--rule \"colour\" \"red\": colour is not a key here\n");
    unlink($file);
});

it('tells kits against scopes, and from day to day', function (): void {
    $matrix = json_decode(gondrik(['matrix', TAGGED, '--format', 'json', '--on', '2027-03-05'])->getOutput(), true);
    expect([$matrix['on'], $matrix['kits'], $matrix['scopes']])->toBe(['2027-03-05', ['van', 'press'], ['panel']])
        ->and(array_map(static fn(array $cell): array => [$cell['kit'], $cell['scope'], $cell['headline']['hole'], $cell['holes']], $matrix['cells']))->toBe([['van', 'panel', 12, 1], ['press', 'panel', 12, 2]]);
    $one = gondrik(['matrix', TAGGED, '--format', 'json', '--kit', 'press', '--with', 'cutter', '--with', 'stripper']);
    expect($one->getExitCode())->toBe(0)->and(json_decode($one->getOutput(), true)['on'])->toBeNull()
        ->and(array_column(json_decode($one->getOutput(), true)['cells'], 'holes', 'kit'))->toBe(['press' => 0]);
    expect(gondrik(['matrix', TAGGED])->getOutput())->toContain('Press table');
    $calendar = gondrik(['calendar', TAGGED, '--kit', 'van', '--scope', 'panel', '--from', '2027-01-01', '--format', 'json']);
    $told = json_decode($calendar->getOutput(), true);
    expect($calendar->getExitCode())->toBe(1)->and([$told['kit'], $told['scope'], $told['from'], $told['to']])->toBe(['van', 'panel', '2027-01-01', '2027-12-31'])
        ->and(array_map(static fn(array $day): array => [$day['on'], $day['headline']['covered'], $day['changes']], $told['days']))->toBe([
            ['2027-01-01', 12, []],
            ['2027-03-01', 12, [['asset' => 'R-1', 'counts' => false, 'code' => 'due.past']]],
            ['2027-03-03', 0, [['asset' => 'S-1', 'counts' => false, 'code' => 'asset.away']]],
            ['2027-03-09', 0, [['asset' => 'S-1', 'counts' => true, 'code' => 'condition.seldom']]],
        ]);
    $short = gondrik(['calendar', TAGGED, '--kit', 'van', '--scope', 'panel', '--from', '2027-01-01', '--days', '60']);
    expect($short->getExitCode())->toBe(0)->and($short->getOutput())->toContain('2027-01-01 to 2027-03-01')->toContain('R-1, Ratchet crimper: Its verification is past since 2027-03-01.');
});

it('refuses a question of days that is none, by what it names', function (array $arguments, string $said): void {
    $process = gondrik($arguments);
    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('')->and($process->getErrorOutput())->toContain($said);
})->with([
    [['check', TAGGED, '--kit', 'van', '--scope', 'panel', '--on', 'today'], '--on "today": must be a day as year, month and day: 2027-03-14'],
    [['check', TAGGED, '--kit', 'van', '--scope', 'panel', '--with', 'gone'], '--with "gone": no tool of the workbook has this id'],
    [['check', TAGGED, '--kit', 'van', '--scope', 'panel', '--with', 'cutter', '--without', 'cutter'], '--with "cutter": it is barred by --without'],
    [['check', TAGGED, '--kit', 'van', '--scope', 'panel', '--rule', 'pullTest'], '--rule "pullTest": must be KEY=VALUE, like pullTest=sample'],
    [['check', TAGGED, '--kit', 'van', '--scope', 'panel', '--rule', 'backupFor=crimp'], '--rule "backupFor" "crimp": must be a list, not string'],
    [['matrix', TAGGED, '--kit', 'nobody'], '--kit "nobody": no kit of the workbook has this id; there are van, press'],
    [['calendar', TAGGED, '--kit', 'van', '--scope', 'panel'], '--from is missing: say the first day, like 2027-03-14'],
    [['calendar', TAGGED, '--kit', 'van', '--scope', 'panel', '--from', '2027-01-01', '--days', '0'], '--days "0": must be a whole number from 1 to 3660'],
]);

it('tells what people can do, and what the work asks for', function (): void {
    $document = json_decode((string) file_get_contents(TAGGED));
    $document->people[] = ['id' => 'bo', 'name' => 'Bo Ek'];
    $document->log = [
        ...$document->log,
        ['what' => 'practice', 'id' => 'k1', 'on' => '2027-03-01', 'person' => 'bo', 'skill' => 'strip:soft', 'tries' => 20, 'good' => 19],
        ['what' => 'skill', 'id' => 'k2', 'on' => '2027-03-02', 'person' => 'ada', 'by' => 'bo', 'skill' => 'cut', 'level' => 'signed-off', 'until' => '2027-06-30'],
    ];
    $file = (string) tempnam(sys_get_temp_dir(), 'gondrik');
    file_put_contents($file, json_encode($document));
    $json = gondrik(['people', $file, '--on', '2027-06-30', '--format', 'json']);
    $told = json_decode($json->getOutput(), true);
    $text = gondrik(['people', $file, '--on', '2027-07-01']);
    $today = json_decode(gondrik(['people', $file, '--format', 'json'])->getOutput(), true);
    $one = json_decode(gondrik(['people', $file, '--scope', 'panel', '--on', '2027-06-30', '--format', 'json'])->getOutput(), true);
    unlink($file);
    expect([$json->getExitCode(), $json->getErrorOutput(), array_keys($told), $told['on']])->toBe([0, '', ['on', 'people', 'skills'], '2027-06-30'])
        ->and($told['people'])->toBe([
            ['person' => 'ada', 'skills' => [['skill' => 'cut', 'level' => 'signed-off', 'since' => '2027-03-02', 'until' => '2027-06-30', 'tries' => 0, 'good' => 0, 'lastTen' => null, 'mayAsk' => false]]],
            ['person' => 'bo', 'skills' => [['skill' => 'strip:soft', 'level' => 'practised', 'since' => '2027-03-01', 'until' => null, 'tries' => 20, 'good' => 19, 'lastTen' => 0.95, 'mayAsk' => true]]],
        ])
        ->and(array_column($told['skills'], 'holders', 'skill')['cut'])->toBe(['ada'])
        ->and($one['skills'])->toBe($told['skills'])
        ->and($text->getOutput())->toContain('  cut: practised since 2027-07-01', '  strip:soft: practised since 2027-03-01, 19 of 20 good, may ask to be signed off', ': nobody is signed off')
        ->and($today['on'])->toBe(date('Y-m-d'))
        ->and(gondrik(['people', TAGGED, '--on', 'soon'])->getErrorOutput())->toContain('--on "soon"')
        ->and(gondrik(['people', TAGGED, '--scope', 'gone'])->getErrorOutput())->toContain('--scope "gone": no scope of the workbook has this id');
});

it('answers in the hands of somebody: what is too stiff for them, and what they do under supervision', function (): void {
    $document = json_decode((string) file_get_contents(TAGGED));
    $document->houseRules = (object) ['signOffFor' => ['crimp']];
    $document->people[0]->hand = (object) ['gripForce' => 40];
    $document->tools[2]->gripForce = 90;
    $document->log[] = ['what' => 'skill', 'id' => 'so', 'on' => '2026-11-01', 'person' => 'ada', 'by' => 'bo', 'skill' => 'crimp:insulated', 'level' => 'signed-off', 'until' => '2027-06-30'];
    $document->people[] = ['id' => 'bo', 'name' => 'Bo Ek'];
    $file = tempnam(sys_get_temp_dir(), 'gondrik') ?: throw new RuntimeException();
    file_put_contents($file, json_encode($document, JSON_THROW_ON_ERROR));
    $asked = [$file, '--kit', 'van', '--scope', 'panel', '--format', 'json'];
    $crimps = static function (Process $said): array {
        $steps = array_merge(...array_column(json_decode($said->getOutput(), true)['lines'], 'steps'));

        return array_map(static fn(array $step): array => [$step['status'], array_column($step['reasons'], 'code')], array_values(array_filter($steps, static fn(array $step): bool => $step['op'] === 'crimp')))[0];
    };
    $nobody = gondrik(['check', ...$asked]);
    $ada = gondrik(['check', ...$asked, '--hand', 'ada', '--on', '2027-06-30']);
    $lapsed = gondrik(['check', ...$asked, '--hand', 'ada', '--on', '2027-07-01']);
    $bo = gondrik(['check', ...$asked, '--hand', 'bo']);
    $told = json_decode($bo->getOutput(), true);
    $card = json_decode(gondrik(['card', ...$asked, '--line', 'l1', '--hand', 'bo'])->getOutput(), true);
    $matrix = json_decode(gondrik(['matrix', $file, '--hand', 'bo', '--format', 'json'])->getOutput(), true);
    $text = gondrik(['check', $file, '--kit', 'van', '--scope', 'panel', '--hand', 'bo'])->getOutput();
    $plan = json_decode(gondrik(['plan', $file, '--kit', 'van', '--scope', 'panel', '--hand', 'bo', '--format', 'json'])->getOutput(), true);
    unlink($file);
    expect($crimps($nobody)[1])->not->toContain('hand.not-signed-off')
        ->and($crimps($ada)[1])->toContain('hand.force')->not->toContain('hand.not-signed-off')
        ->and($crimps($lapsed)[1])->toContain('hand.not-signed-off')
        ->and($crimps($bo))->toBe(['makeshift', [...$crimps($nobody)[1], 'hand.not-signed-off']])
        ->and(array_intersect_key($told, ['on' => 0, 'hand' => 0, 'away' => 0]))->toBe(['on' => null, 'hand' => 'bo', 'away' => []])
        ->and(json_decode($ada->getOutput(), true)['on'])->toBe('2027-06-30')
        ->and(array_key_exists('hand', json_decode($nobody->getOutput(), true)))->toBeFalse()
        ->and($told['lines'][0]['steps'][0]['assets'])->toBe([])
        ->and(array_values(array_filter($card['steps'], static fn(array $step): bool => $step['op'] === 'crimp'))[0]['text'])->toStartWith('Only under supervision: Bo Ek is not signed off for it.')
        ->and($matrix['cells'][0]['headline']['makeshift'])->toBe($told['headline']['makeshift'])
        ->and($text)->toContain("In the hands of Bo Ek.\n")->toContain('◐ crimp: Only under supervision: Bo Ek is not signed off for it.')
        ->and(json_encode($plan['open']))->toContain('crimp')
        ->and(gondrik(['check', TAGGED, '--kit', 'van', '--scope', 'panel', '--hand', 'zoe'])->getErrorOutput())->toBe("--hand \"zoe\": no person of the workbook has this id; there are ada\n");
});

it('charts the pulls of a thing, as they were known on a day', function (): void {
    $asked = ['chart', DEMO, '--asset', 'CR-03', '--wire', 'cabin-24'];
    $drifts = gondrik([...$asked, '--format', 'json']);
    $told = json_decode($drifts->getOutput(), true);
    expect($drifts->getExitCode())->toBe(1)
        ->and(array_keys($told))->toBe(['asset', 'n', 'trial', 'leftOut', 'centre', 'rBar', 'upper', 'lower', 'rangeUpper', 'rangeLower', 'required', 'capability', 'subgroups'])
        ->and([$told['asset'], $told['n'], $told['trial'], $told['leftOut'], (float) $told['required'], count($told['subgroups'])])->toBe(['CR-03', 5, false, 0, 28.0, 36])
        ->and(array_keys(array_filter(array_column($told['subgroups'], 'fired'))))->toBe([32, 33, 34, 35])
        ->and($told['subgroups'][32]['fired'])->toBe(['beyond-3']);
    $before = gondrik([...$asked, '--terminal', 'pin-2.54', '--nest', '2.54', '--on', $told['subgroups'][31]['on']]);
    expect($before->getExitCode())->toBe(0)->and($before->getOutput())->toContain('32 subgroups of 5')->not->toContain('trial')
        ->and(gondrik($asked)->getOutput())->toContain('beyond three sigma');
});

it('refuses a chart of nothing, by what it names', function (array $arguments, string $said): void {
    $process = gondrik(['chart', DEMO, ...$arguments]);
    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('')->and($process->getErrorOutput())->toContain($said);
})->with([
    [['--wire', 'cabin-24'], '--asset is missing'],
    [['--asset', 'CR-99', '--wire', 'cabin-24'], '--asset "CR-99": no asset of the workbook has this id'],
    [['--asset', 'CR-03', '--wire', 'gone'], '--wire "gone": no wire of the workbook has this id'],
    [['--asset', 'CR-03', '--wire', 'cabin-24', '--terminal', 'gone'], '--terminal "gone"'],
    [['--asset', 'CR-03', '--wire', 'cabin-24', '--nest', '9'], 'has no subgroup of two to ten pulls in this setting'],
    [['--asset', 'CR-03', '--wire', 'cabin-24', '--on', '2020-01-01'], 'in this setting by 2020-01-01'],
    [['--asset', 'CR-03', '--wire', 'cabin-24', '--on', 'soon'], '--on "soon"'],
]);

const ENTRIES = __DIR__ . '/../core/tests/cases/entry-catalogue.json';

it('reads a line of work as people write it', function (string $text, array $options, int $exit, array $has): void {
    $process = gondrik(['line', ENTRIES, $text, '--format', 'json', ...$options]);
    $told = json_decode($process->getOutput(), true);
    expect($process->getExitCode())->toBe($exit)->and($process->getErrorOutput())->toBe('');
    foreach ($has as $key => $value) {
        expect($told[$key])->toBe($value, $key);
    }
})->with([
    'read' => ['40 × 12 AWG stranded PVC → ring yellow M6, wet', [], 0, ['line' => ['wire' => 'w12', 'terminal' => 'ring', 'quantity' => 40, 'wet' => true], 'questions' => [], 'unknown' => []]],
    'a torque is told in N·m, in whatever unit it was said' => ['w12 → ring yellow M6, 15 lbf·in', [], 0, ['line' => ['wire' => 'w12', 'terminal' => 'ring', 'torque' => 1.694772]]],
    'a question' => ['w12 → ring yellow', [], 1, ['line' => null, 'questions' => [['about' => 'terminal', 'from' => 6, 'to' => 17, 'text' => 'Which ring yellow?', 'candidates' => ['ring', 'ring-m8']]]]],
    'something unknown' => ['w12 → ring yellow M6, blorp', [], 1, ['line' => ['wire' => 'w12', 'terminal' => 'ring'], 'unknown' => [['from' => 22, 'to' => 27, 'text' => 'blorp']]]],
]);

it('judges the line that was read by a kit and the house rules of a scope', function (): void {
    $told = json_decode(gondrik(['line', DEMO, '14 × 12 AWG hook-up → ring yellow M6', '--kit', 'pylon-backpack', '--scope', 'tower-7', '--format', 'json'])->getOutput(), true);
    expect($told['status'])->toBe('covered')->and($told['checks'])->toBe([]);
    $wet = gondrik(['line', DEMO, '14 × 12 AWG hook-up → ring yellow M6, wet', '--kit', 'pylon-backpack']);
    expect($wet->getExitCode())->toBe(0)->and($wet->getOutput())->toContain("wire: 12 AWG hook-up (hookup-12)\n")->toContain('- A wet place wants heat-shrink')->toEndWith("faulty\n");
});

it('says what is not valid about a line', function (array $arguments, string $says): void {
    $process = gondrik(['line', ...$arguments]);
    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('')->and($process->getErrorOutput())->toContain($says);
})->with([
    'no text' => [[ENTRIES], 'text'],
    'an empty text' => [[ENTRIES, '  '], 'text ""'],
    'a text without end' => [[ENTRIES, str_repeat('wet ', 200)], 'at most 500 characters'],
    'control characters' => [[ENTRIES, "w12\x07 → ring"], 'control characters'],
    'no such workbook' => [['nothing.json', 'w12 → ring'], 'nothing.json'],
    'no such kit' => [[ENTRIES, 'w12 → ring', '--kit', 'bag'], '--kit "bag"'],
    'no such scope' => [[ENTRIES, 'w12 → ring', '--scope', 'job'], '--scope "job"'],
    'no such format' => [[ENTRIES, 'w12 → ring', '--format', 'xml'], '--format "xml"'],
]);

it('plans: what to add, what stays open, what each tool is worth, what less money would do', function (): void {
    $process = gondrik(['plan', DEMO, '--kit', 'apprentice-box', '--scope', 'boards', '--scope', 'cabin-lighting']);
    expect($process->getExitCode())->toBe(0)
        ->and($process->getErrorOutput())->toBe('')
        ->and($process->getOutput())->toBe((string) file_get_contents(__DIR__ . '/golden/apprentice-box-plan.txt'));
});

it('plans in JSON with the members that are laid down', function (): void {
    $plan = json_decode(gondrik(['plan', DEMO, '--kit', 'pylon-backpack', '--scope', 'tower-7', '--format', 'json'])->getOutput(), true);
    expect(array_keys($plan))->toBe(['status', 'cost', 'bound', 'mass', 'add', 'terminations', 'coveredBefore', 'coveredAfter', 'makeshiftAfter', 'open', 'roles', 'curve', 'next'])
        ->and(array_keys($plan['add'][0]))->toBe(['tool', 'count', 'cost', 'closes'])
        ->and($plan['add'][0]['closes'][0])->toBe(['line' => 'sensor', 'step' => 2])
        ->and($plan['curve'][0])->toBe(['cost' => 0, 'covered' => $plan['coveredBefore']])
        ->and(array_keys($plan['open'][0]))->toBe(['line', 'op', 'wanted']);
});

it('refuses a question of planning that makes no sense, and names the option and the value', function (array $options, string $said): void {
    $process = gondrik(['plan', DEMO, ...$options]);
    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('')->and($process->getErrorOutput())->toContain($said);
})->with([
    'no scope' => [['--kit', 'pylon-backpack'], '--scope is missing'],
    'no such scope' => [['--scope', 'tower-7', '--scope', 'nowhere'], '--scope "nowhere": no scope'],
    'no such kit' => [['--scope', 'tower-7', '--kit', 'nobody'], '--kit "nobody": no kit'],
    'a budget in words' => [['--scope', 'tower-7', '--budget', 'much'], '--budget "much": must be a whole number'],
    'a budget with cents after a point' => [['--scope', 'tower-7', '--budget', '12.50'], '--budget "12.50": must be a whole number'],
    'less than nothing' => [['--scope', 'tower-7', '--mass=-1'], '--mass "-1": must be a whole number'],
    'no time' => [['--scope', 'tower-7', '--time-limit', '0'], '--time-limit "0"'],
    'a kit that is too heavy' => [['--scope', 'tower-7', '--kit', 'pylon-backpack', '--mass', '100'], '--mass "100": at least'],
    'a tool that nobody knows' => [['--scope', 'tower-7', '--without', 'nothing'], '--without "nothing": no tool'],
    'a tool that the kit has' => [['--scope', 'tower-7', '--kit', 'pylon-backpack', '--with', 'diagonal-200'], '--with "diagonal-200": must be a tool that the kit has not yet'],
    'both with and without' => [['--scope', 'tower-7', '--with', 'roll-fine', '--without', 'roll-fine'], '--with "roll-fine": must not be among those that are left out as well'],
    'dearer than the budget' => [['--scope', 'tower-7', '--with', 'roll-fine', '--budget', '100'], '--budget "100": at least'],
]);

const CARDS = __DIR__ . '/../core/tests/cases/card-shop.json';

it('writes a set-up card, and says by its exit whether it is complete', function (string $kit, string $scope, string $line, int $status, string $says): void {
    $text = gondrik(['card', CARDS, '--kit', $kit, '--scope', $scope, '--line', $line]);
    $json = gondrik(['card', CARDS, '--kit', $kit, '--scope', $scope, '--line', $line, '--format', 'json']);
    $card = json_decode($json->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    expect([$text->getExitCode(), $json->getExitCode()])->toBe([$status, $status])
        ->and($text->getOutput())->toContain($says)
        ->and(array_keys($card))->toBe(['kit', 'scope', 'line', 'status', 'checks', 'steps', 'pull', 'sleeve', 'look', 'cautions'])
        ->and([$card['kit'], $card['scope'], $card['line']])->toBe([$kit, $scope, $line]);
    foreach ($card['steps'] as $step) {
        expect(array_keys($step))->toBe(['op', 'wire', 'status', 'tool', 'position', 'settings', 'text']);
    }
})->with([
    'complete' => ['all', 'all', 'insulated', 0, 'Set the stop to 6 mm.'],
    'makeshift is complete' => ['all', 'all', 'sheath-cold', 0, 'Only 12 mm at a time at 3 °C: 10 pulls.'],
    'a hole' => ['bare-hands', 'all', 'insulated', 1, 'NOT COMPLETE'],
    'a faulty line' => ['all', 'all', 'faulty', 1, 'NOT TO BE MADE'],
    'a splice of two like wires, told once' => ['all', 'otherwise', 'splice-alike', 0, 'strip, both ends  Self-adjusting stripper'],
    'and pressed twice' => ['all', 'otherwise', 'splice-alike', 0, 'crimp, second end  Oval crimper'],
    'a screw' => ['all', 'all', 'screw', 0, 'Tighten to 1.5 N·m'],
]);

it('tells cautions first, and what to look for where one looks', function (): void {
    $text = gondrik(['card', CARDS, '--kit', 'all', '--scope', 'all', '--line', 'heat-shrink-splice'])->getOutput();
    $at = array_map(static fn(string $said): int => (int) strpos($text, $said), ['caution: Isolate', ' 1 · identify', 'look, both ends', 'good: The insulation ends', 'bad: Cut, nicked', 'tug, s18', 'sleeve  Hot air gun', 'clean-up']);
    expect($at)->not->toContain(0);
    $sorted = $at;
    sort($sorted);
    expect($at)->toBe($sorted);
});

it('refuses a card of what is not there', function (array $options, string $said): void {
    $process = gondrik(['card', CARDS, ...$options]);
    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('')->and($process->getErrorOutput())->toContain($said);
})->with([
    'no such line' => [['--kit', 'all', '--scope', 'all', '--line', 'nothing'], '--line "nothing": no line of the scope'],
    'no line' => [['--kit', 'all', '--scope', 'all'], '--line is missing'],
    'no such kit' => [['--kit', 'nobody', '--scope', 'all', '--line', 'insulated'], '--kit "nobody"'],
]);

it('reckons without a workbook', function (array $asked, string $says): void {
    $process = gondrik(['calc', ...$asked]);
    expect($process->getExitCode())->toBe(0)->and($process->getErrorOutput())->toBe('')->and($process->getOutput())->toContain($says);
})->with([
    [['pull', '--size', '12 AWG', '--class', 'insulated'], '311.38 N  [UL 486A-486B, 12 AWG; memory]'],
    [['sleeve', '--widest', '10', '--narrowest', '3'], 'No stock size passes over 10 mm and grips 3 mm.'],
    [['size', '--size', '11 AWG'], 'equivalents  none'],
    [['code', '--code', 'M22759/32-20-6', '--format', 'json'], '"value": "blue"'],
]);

it('refuses what cannot be reckoned, by the option and the value', function (array $asked, string $said): void {
    $process = gondrik(['calc', ...$asked]);
    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('')->and($process->getErrorOutput())->toContain($said);
})->with([
    [['weight'], '"weight" is nothing to reckon; there are size'],
    [[], 'what'],
    [['size'], '--size is missing'],
    [['size', '--size', '12'], '--size "12":'],
    [['size', '--size', '12 AWG', '--hole', '2'], '--hole "2": is nothing that calc size asks'],
    [['size', '--colour', 'red'], '--colour'],
    [['sleeve', '--widest', '1,000', '--narrowest', '2'], '--widest "1,000":'],
    [['pull', '--size', "12\nAWG", '--class', 'insulated'], '--size "": must have no control characters'],
    [['strands', '--strands', '-3'], '--strands'],
    [['size', '--size', '12 AWG', '--format', 'xml'], '--format "xml"'],
]);
