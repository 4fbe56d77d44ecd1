<?php

declare(strict_types=1);

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Skill\Absence;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\WorkbookCodec;

/* What breaks while some people are away: which skills nobody who is there is signed off for, and on which days. */

/**
 * @param array<string, string> $lapses last days of sign-offs for lugs by person; "" for one that does not lapse
 * @param list<string>          $away
 *
 * @return list<string> "crimp:lug 2027-03-01..2027-03-03 ada", with who would have done it
 */
function breaksWithout(array $lapses, array $away, string $from, string $to, string $adaUntil = '', string $extra = ''): array
{
    $document = ThingsShop::document('', '', '');
    if ($adaUntil !== '') {
        $document['people'][0]['until'] = $adaUntil;
    }
    $signer = ['ada' => 'bo', 'bo' => 'ada'];
    foreach ($lapses as $person => $until) {
        $document['log'][] = ['id' => 's-' . $person, 'on' => '2027-01-05', 'what' => 'skill', 'person' => $person, 'by' => $signer[$person], 'skill' => 'crimp:lug', 'level' => 'signed-off', ...$until === '' ? [] : ['until' => $until]];
    }
    if ($extra !== '') {
        $document['log'][] = ['id' => 'x', 'on' => $extra, 'what' => 'skill', 'person' => 'bo', 'by' => 'ada', 'skill' => 'crimp:lug', 'level' => 'signed-off'];
    }
    $shop = (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
    $gone = array_values(array_filter($shop->register->people, static fn(Person $person): bool => in_array($person->id, $away, true)));
    $absences = Absence::of($shop->register->people, Log::of($shop->register->log), $gone, Day::read($from), Day::read($to), ['crimp:lug', 'cut']);

    return array_map(
        static fn(Absence $one): string => trim($one->skill . ' ' . $one->from . '..' . $one->to . ' ' . implode('+', array_column($one->missed, 'id'))),
        array_values(array_filter($absences, static fn(Absence $one): bool => $one->skill === 'crimp:lug')),
    );
}

it('tells what nobody who is there may do alone', function (array $asked, array $broken): void {
    expect(breaksWithout(...$asked))->toBe($broken);
})->with([
    'nobody away' => [[['ada' => ''], [], '2027-03-01', '2027-03-03'], []],
    'another is left' => [[['ada' => '', 'bo' => ''], ['ada'], '2027-03-01', '2027-03-03'], []],
    'the only one is away' => [[['ada' => ''], ['ada'], '2027-03-01', '2027-03-03'], ['crimp:lug 2027-03-01..2027-03-03 ada']],
    'both are' => [[['ada' => '', 'bo' => ''], ['ada', 'bo'], '2027-03-01', '2027-03-01'], ['crimp:lug 2027-03-01..2027-03-01 ada+bo']],
    'nobody has it anyhow' => [[[], ['ada'], '2027-03-01', '2027-03-02'], ['crimp:lug 2027-03-01..2027-03-02']],
    'the other lapses meanwhile' => [[['ada' => '', 'bo' => '2027-03-02'], ['ada'], '2027-03-01', '2027-03-04'], ['crimp:lug 2027-03-03..2027-03-04 ada']],
    'the only one lapses, away or not' => [[['bo' => '2027-03-02'], [], '2027-03-01', '2027-03-04'], ['crimp:lug 2027-03-03..2027-03-04']],
    'the only one leaves the shop' => [[['ada' => ''], [], '2027-03-01', '2027-03-04', '2027-03-02'], ['crimp:lug 2027-03-03..2027-03-04']],
    'somebody is signed off again in the midst' => [[['bo' => '2027-03-01'], [], '2027-03-01', '2027-03-04', '', '2027-03-03'], ['crimp:lug 2027-03-02..2027-03-02']],
]);
