<?php

declare(strict_types=1);

use Gondrik\Core\Log\Log;
use Gondrik\Core\Proof\Comparison;
use Gondrik\Core\Proof\Series;
use Gondrik\Core\Proof\Spread;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Workbook\WorkbookCodec;

/* Trials side by side: which of them is worse than the best by more than chance. */

/** @return list<Series> */
function seriesOf(string $log, ?string $terminal = null): array
{
    return Series::allOf(Log::of(ThingsShop::of('home=van', '', $log)->register->log)->entries, 'wire', $terminal, PullStandard::ByClass);
}

it('puts together what was pulled alike, the best first', function (): void {
    $series = seriesOf('2027-01-01 pull forces=50+52 nest=red note=2_mm; 2027-01-02 pull forces=60+61+62 nest=red note=1.4_mm; 2027-01-03 pull forces=54 nest=red note=2_mm; 2027-01-04 pull forces=70+72 nest=red note=2_mm terminal=ring; 2027-01-05 pull forces=40+41 nest=blue note=2_mm; 2027-01-06 pull forces=1; 2027-01-07 void entry=6');
    expect(array_map(static fn(Series $one): array => [$one->nest, $one->note, $one->forces], $series))->toBe([
        ['red', '1.4 mm', [60.0, 61.0, 62.0]],
        ['red', '2 mm', [50.0, 52.0, 54.0]],
        ['blue', '2 mm', [40.0, 41.0]],
    ])
        ->and(array_map(static fn(Series $one): array => [$one->spread->mean, $one->spread->deviation, $one->spread->least, $one->spread->most], $series)[1])->toBe([52.0, 2.0, 50.0, 54.0])
        ->and(seriesOf('2027-01-01 pull forces=50+52; 2027-01-01 pull forces=50+52 terminal=ring', 'ring'))->toHaveCount(1)
        ->and(seriesOf(''))->toBe([]);
});

it('counts how they gave way, and keeps the greatest that is required', function (): void {
    [$one] = seriesOf('2027-01-01 pull forces=50+52 required=40; 2027-01-02 pull forces=53 required=45');
    expect([$one->required, $one->modes])->toBe([45.0, []]);
    $document = ThingsShop::document('home=van', '', '2027-01-01 pull forces=50+52+54');
    $document['log'][0]['modes'] = ['conductor', 'pulled-out', 'conductor'];
    $log = (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR))->register->log;
    expect(Series::allOf(Log::of($log)->entries, 'wire', null, PullStandard::ByClass)[0]->modes)->toBe(['conductor' => 2, 'pulled-out' => 1]);
});

it('calls worse only what chance does not explain', function (string $other, bool $isWorse): void {
    $series = seriesOf('2027-01-01 pull forces=100+101+99+100+102 note=best; 2027-01-02 pull forces=' . $other . ' note=other');
    $told = array_column($series, null, 'note');
    expect($told['best']->comparison)->toBeNull()->and($told['best']->isWorse())->toBeFalse()
        ->and($told['other']->isWorse())->toBe($isWorse);
})->with([
    'far below' => ['90+91+89+90+92', true],
    'a little below, within its spread' => ['99+101+98+102+99', false],
    'below, but it spreads widely' => ['110+80+99+85+112', false],
    'below as chance sets it once in four times' => ['99+100+98+100+101', false],
    'a single pull says nothing' => ['50', false],
]);

it('takes what is compared together as many comparisons: each must be the clearer', function (): void {
    // Holm: the least chance times the number of comparisons, the next times one fewer, and never less than the one before.
    expect(Comparison::together([0 => 0.01, 1 => 0.04, 2 => 0.03]))->toBe([0 => 0.03, 1 => 0.06, 2 => 0.06])
        ->and(Comparison::together([5 => 0.5, 2 => 0.9]))->toBe([2 => 1.0, 5 => 1.0])
        ->and(Comparison::together([]))->toBe([]);
});

it('says nothing of what does not spread, or of one pull', function (): void {
    expect(Comparison::of(Spread::of([5.0, 5.0]), Spread::of([4.0, 4.0])))->toBeNull()
        ->and(Comparison::of(Spread::of([5.0]), Spread::of([4.0, 4.5])))->toBeNull()
        ->and(Comparison::of(Spread::of([5.0, 6.0]), Spread::of([4.0, 4.0]))?->difference)->toBe(1.5)
        ->and(Spread::of([5.0])->deviation)->toBeNull();
});
