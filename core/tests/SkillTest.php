<?php

declare(strict_types=1);

use Gondrik\Core\Log\Log;
use Gondrik\Core\Skill\SignOffWanted;
use Gondrik\Core\Skill\SkillNeeds;
use Gondrik\Core\Skill\SkillOrder;
use Gondrik\Core\Skill\Skills;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/* What people can do on a day, and what the work asks for. */

/** @param string $log "2027-01-05 signed-off until=2027-02-01; 2027-01-06 5/4; 2027-01-07 void": told by Bo of Ada, tries and good, and the entry before taken back */
function skillShop(string $log, ?string $until = null, string $skill = 'crimp:lug'): Workbook
{
    $document = ThingsShop::document('', '', '');
    if ($until !== null && $until !== '') {
        $document['people'][0]['until'] = $until;
    }
    foreach (array_filter(array_map(trim(...), explode(';', $log))) as $at => $text) {
        [$on, $what, $more] = [...explode(' ', $text), null];
        $document['log'][] = ['id' => (string) ($at + 1), 'on' => $on, ...match (true) {
            $what === 'void' => ['what' => 'void', 'entry' => (string) $at],
            str_contains((string) $what, '/') => ['what' => 'practice', 'person' => 'ada', 'skill' => $skill, 'tries' => (int) explode('/', (string) $what)[0], 'good' => (int) explode('/', (string) $what)[1]],
            default => ['what' => 'skill', 'person' => 'ada', 'by' => 'bo', 'skill' => $skill, 'level' => $what, ...$more === null ? [] : ['until' => substr($more, strlen('until='))]],
        }];
    }

    return (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
}

function skillsOf(Workbook $shop, string $on, int $pieces = 20): Skills
{
    return Skills::of($shop->register->people, Log::of($shop->register->log), Day::read($on), $pieces);
}

it('knows how far a person has come', function (array $row): void {
    $shop = skillShop($row['log'], $row['until']);
    $told = skillsOf($shop, $row['on'])->ofPerson($shop->register->people[0])[0] ?? null;
    expect([
        'level' => $told === null ? 'none' : (string) $told->level?->value,
        'since' => (string) $told?->since?->plain(),
        'to' => (string) $told?->until?->plain(),
        'tries' => (string) ($told->tries ?? 0),
        'good' => (string) ($told->good ?? 0),
        'lastTen' => (string) $told?->lastTen,
        'mayAsk' => $told?->mayAsk === true ? 'yes' : '',
    ])->toBe(array_intersect_key($row, array_flip(['level', 'since', 'to', 'tries', 'good', 'lastTen', 'mayAsk'])));
})->with(CaseTable::of('skills', 'case'));

it('tells which sign-offs wait for somebody to give them', function (array $row): void {
    $wanted = SignOffWanted::of(skillsOf(skillShop($row['log'], $row['until']), $row['on']), Day::read($row['on']), 31);
    expect(implode('; ', array_map(static fn(SignOffWanted $one): string => trim($one->why->value . ' ' . $one->on), $wanted)))->toBe($row['told']);
})->with(CaseTable::of('sign-offs', 'case'));

it('tells what lapsed first, then what lapses next, then who is ready', function (): void {
    $document = ThingsShop::document('', '', '');
    foreach ([['ada', 'cut', 'practice', []], ['ada', 'torque', 'skill', ['until' => '2027-02-10']], ['ada', 'sleeve', 'skill', ['until' => '2027-02-05']], ['bo', 'torque', 'skill', ['until' => '2027-01-20']], ['bo', 'sleeve', 'skill', ['until' => '2027-02-05']]] as $at => [$person, $skill, $what, $more]) {
        $document['log'][] = ['id' => (string) $at, 'on' => '2027-01-05', 'what' => $what, 'person' => $person, 'skill' => $skill, ...$what === 'practice' ? ['tries' => 20, 'good' => 20] : ['level' => 'signed-off', 'by' => $person === 'bo' ? 'ada' : 'bo', ...$more]];
    }
    $shop = (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
    $wanted = SignOffWanted::of(skillsOf($shop, '2027-02-01'), Day::read('2027-02-01'), 31);
    expect(array_map(static fn(SignOffWanted $one): string => $one->person->name . ' ' . $one->skill->skill, $wanted))->toBe(['Bo torque', 'Ada sleeve', 'Bo sleeve', 'Ada torque', 'Ada cut']);
});

it('asks for as many pieces of practice as the house does', function (): void {
    $may = static fn(int $pieces): bool => skillsOf($shop = skillShop('2027-01-05 12/12'), '2027-02-01', $pieces)->ofPerson($shop->register->people[0])[0]->mayAsk;
    expect([$may(12), $may(13)])->toBe([true, false]);
});

it('names who is signed off, and nobody who has left', function (): void {
    $shop = skillShop('2027-01-05 signed-off', '2027-02-01');
    $holders = static fn(string $on, string $skill = 'crimp:lug'): array => array_column(skillsOf($shop, $on)->holders($skill), 'id');
    expect($holders('2027-02-01'))->toBe(['ada'])
        ->and($holders('2027-02-02'))->toBe([])
        ->and($holders('2027-01-04'))->toBe([])
        ->and($holders('2027-02-01', 'crimp:ferrule'))->toBe([])
        ->and(skillsOf($shop, '2027-02-01')->ofPerson($shop->register->people[1]))->toBe([]);
});

it('tells skills in the order of work, and of one operation by name', function (): void {
    $names = HandSkill::names();
    shuffle($names);
    $sorted = array_keys(SkillOrder::sorted(array_fill_keys($names, 1)));
    $operations = array_values(array_unique(array_map(static fn(string $name): string => explode(':', $name)[0], $sorted)));
    $crimps = array_values(array_filter($sorted, static fn(string $name): bool => str_starts_with($name, 'crimp:')));
    $byName = $crimps;
    sort($byName);
    expect($operations)->toBe(['cut', 'strip-sheath', 'strip', 'crimp', 'sleeve', 'solder', 'torque', 'pull-test', 'extract', 'shear-screw'])
        ->and($crimps)->toBe($byName)
        ->and(array_slice($sorted, 2, 3))->toBe(['strip:soft', 'strip:thin-wall', 'strip:xlpe']);
});

it('counts what the work asks for: a line once for a skill, a faulty one for none', function (): void {
    $document = ThingsShop::document('', '', '');
    $document['wires'][] = ['id' => 'thick', 'name' => 'Thick', 'size' => '4 AWG', 'construction' => 'stranded', 'insulation' => 'etfe'];
    $document['terminals'][] = ['id' => 'splice', 'name' => 'Splice', 'class' => 'insulated', 'shape' => 'butt', 'size' => '16-14 AWG', 'ends' => 2];
    $document['scopes'] = [
        ['id' => 'one', 'name' => 'One', 'lines' => [
            ['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => 5],
            // Both its ends are cut, stripped and crimped.
            ['id' => 'l2', 'wire' => 'wire', 'wireB' => 'wire', 'terminal' => 'splice', 'quantity' => 7],
            // Much too thick for it.
            ['id' => 'l3', 'wire' => 'thick', 'terminal' => 'ring', 'quantity' => 100],
        ]],
        ['id' => 'two', 'name' => 'Two', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => 2, 'torque' => 2]], 'houseRules' => ['pullTest' => 'every']],
    ];
    $shop = (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
    expect(SkillNeeds::of($shop->scopes, $shop->rulesFor(...)))->toBe(['cut' => 14, 'strip:soft' => 14, 'crimp:insulated' => 14, 'torque' => 2, 'pull-test' => 2])
        ->and(SkillNeeds::of([$shop->scopes[1]], $shop->rulesFor(...)))->toBe(['cut' => 2, 'strip:soft' => 2, 'crimp:insulated' => 2, 'torque' => 2, 'pull-test' => 2])
        ->and(SkillNeeds::of([], $shop->rulesFor(...)))->toBe([]);
});

it('lets somebody do alone what they are signed off for on the day, and nothing else', function (): void {
    $shop = skillShop('2027-01-05 signed-off until=2027-02-01');
    $alone = static fn(string $on): ?bool => $shop->worker('ada', Day::read($on))?->isSignedOff(HandSkill::read('crimp:lug'));
    expect([$alone('2027-01-04'), $alone('2027-02-01'), $alone('2027-02-02')])->toBe([false, true, false])
        ->and($shop->worker('zoe', Day::read('2027-02-01')))->toBeNull();
});
