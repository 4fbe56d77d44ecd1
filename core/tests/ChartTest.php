<?php

declare(strict_types=1);

/*
 * Control charts of pulls. Twenty subgroups of two set the limits: means of 100.5 and 99.5 in turn, ranges of 4. With the constants for
 * two (A2 1.880, D4 3.267; ASTM and NIST handbook, from memory) the centre is 100, sigma of a mean 1.88 × 4 / 3 = 2.507, and so one, two
 * and three sigma are at 102.507, 105.013 and 107.52; a range may be up to 13.068.
 */

use Gondrik\Core\Log\Log;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Output\ChartWriter;
use Gondrik\Core\Proof\ChartFactors;
use Gondrik\Core\Proof\ChartSetting;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\RequiredForce;
use Gondrik\Core\Proof\Subgroup;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\Workbook;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @param list<string> $points "107.6", "100~13" with a range of its own, or "cleared" */
function pulledShop(array $points, string $more = ''): Workbook
{
    $log = [];
    foreach ($points as $at => $point) {
        $day = Day::read('2027-01-01')->plus($at);
        [$mean, $range] = [...array_map(floatval(...), explode('~', $point)), 4.0];
        $log[] = $point === 'cleared' ? "{$day} cleared note=looked_at" : sprintf('%s pull forces=%.10F+%.10F %s', $day, $mean - $range / 2, $mean + $range / 2, $more);
    }

    return ThingsShop::of('home=van', '', implode('; ', $log));
}

const IN_CONTROL = ['100.5', '99.5', '100.5', '99.5', '100.5', '99.5', '100.5', '99.5', '100.5', '99.5', '100.5', '99.5', '100.5', '99.5', '100.5', '99.5', '100.5', '99.5', '100.5', '99.5'];

function chartOf(Workbook $shop, ?ChartSetting $setting = null): ?ControlChart
{
    return ControlChart::of(Log::of($shop->register->log)->about('c1'), $setting ?? ChartSetting::asked('wire'), PullStandard::ByClass);
}

it('says of each point what chance does not explain', function (array $row): void {
    $chart = chartOf(pulledShop([...IN_CONTROL, ...explode(' ', $row['means'])]));
    $fired = [];
    foreach (array_slice($chart->subgroups, 20) as $at => $subgroup) {
        if ($subgroup->fired !== []) {
            $fired[] = ($at + 1) . ':' . implode('+', array_column($subgroup->fired, 'value'));
        }
    }
    expect(implode(' ', $fired))->toBe($row['fired'])
        ->and(array_filter(array_slice($chart->subgroups, 0, 20), static fn(Subgroup $one): bool => $one->fired !== []))->toBe([])
        ->and([round($chart->centre, 9), round($chart->meanRange, 9), round($chart->upper, 9), round($chart->lower, 9), round($chart->rangeUpper, 9), $chart->rangeLower])->toBe([100.0, 4.0, 107.52, 92.48, 13.068, 0.0]);
})->with(CaseTable::of('charts', 'case'));

it('has trial limits of all there are until there are twenty, and never of more', function (): void {
    [$few, $twenty, $more] = array_map(static fn(array $points): ControlChart => chartOf(pulledShop($points)), [['100', '102~6'], IN_CONTROL, [...IN_CONTROL, '107~40']]);
    expect([$few->isTrial, $few->centre, $few->meanRange])->toBe([true, 101.0, 5.0])
        ->and([$twenty->isTrial, $more->isTrial])->toBe([false, false])
        ->and([round($more->centre, 9), round($more->meanRange, 9)])->toBe([100.0, 4.0]);
});

it('reckons what a setting is capable of by the greatest that is required', function (): void {
    $of = static fn(string $more): ControlChart => chartOf(pulledShop(IN_CONTROL, $more));
    // σ of a piece is R̄/d2 = 4 / 1.128; from 100 N to 90 N are 10.
    expect([$of('required=90')->required, round($of('required=90')->capability, 9)])->toBe([90.0, round(10 / (3 * 4 / 1.128), 9)])
        ->and([$of('')->required, $of('')->capability])->toBe([null, null])
        // A ring on 14 AWG by the table: 50 lbf, 222.4 N.
        ->and(round($of('terminal=ring')->required, 1))->toBe(222.4)
        ->and($of('terminal=ring')->capability)->toBeLessThan(0)
        ->and(chartOf(pulledShop(array_fill(0, 20, '100~0'), 'required=90'))->capability)->toBeNull()
        ->and(chartOf(ThingsShop::of('home=van', '', '2027-01-01 pull forces=98+102 required=90; 2027-01-02 pull forces=98+102 required=95; 2027-01-03 pull forces=98+102'))->required)->toBe(95.0);
});

it('leaves out subgroups of another size than the first, and refuses one of a single pull', function (): void {
    $shop = static fn(string $log): Workbook => ThingsShop::of('home=van', '', $log);
    $chart = chartOf($shop('2027-01-01 pull forces=1+2+3; 2027-01-02 pull forces=4+5; 2027-01-03 pull forces=7+8+9; 2027-01-04 pull forces=5'));
    expect([$chart->size, $chart->leftOut, array_map(static fn(Subgroup $one): float => $one->mean, $chart->subgroups)])->toBe([3, 2, [2.0, 8.0]])
        ->and(chartOf($shop('2027-01-01 pull forces=5; 2027-01-02 pull forces=4+5')))->toBeNull()
        ->and(chartOf($shop('')))->toBeNull()
        ->and(chartOf($shop('2027-01-01 pull forces=4+5'), ChartSetting::asked('other')))->toBeNull();
});

it('asks of wire, terminal and nest what is given, and as entries state them all three', function (): void {
    $shop = ThingsShop::of('home=van', '', '2027-01-01 pull forces=1+2 nest=blue; 2027-01-02 pull forces=3+4 terminal=ring; 2027-01-03 pull forces=5+6; 2027-01-04 pull forces=7+8 nest=blue terminal=ring');
    $entries = Log::of($shop->register->log)->about('c1');
    $means = static fn(ChartSetting $setting): array => array_map(static fn(Subgroup $one): float => $one->mean, chartOf($shop, $setting)->subgroups ?? []);
    expect($means(ChartSetting::asked('wire')))->toBe([1.5, 3.5, 5.5, 7.5])
        ->and($means(ChartSetting::asked('wire', 'ring')))->toBe([3.5, 7.5])
        ->and($means(ChartSetting::asked('wire', null, 'blue')))->toBe([1.5, 7.5])
        ->and($means(ChartSetting::asked('wire', 'ring', 'blue')))->toBe([7.5])
        ->and(array_map(static fn($entry): array => $means(ChartSetting::stated($entry)), $entries))->toBe([[1.5], [3.5], [5.5], [7.5]]);
});

it('has the factors of two to ten, and writes what it knows unrounded', function (): void {
    expect([ChartFactors::of(1), ChartFactors::of(11)])->toBe([null, null])->and(ChartFactors::of(10)?->a2)->toBe(0.308);
    $written = (new ChartWriter())->chart('c1', chartOf(pulledShop(['100', '107.6', '100.1'], 'required=90')));
    expect(array_keys($written))->toBe(['asset', 'n', 'trial', 'leftOut', 'centre', 'rBar', 'upper', 'lower', 'rangeUpper', 'rangeLower', 'required', 'capability', 'subgroups'])
        ->and($written['centre'])->toBe((100 + 107.6 + 100.1) / 3)
        ->and($written['subgroups'][1])->toMatchArray(['entry' => '2', 'on' => '2027-01-02', 'fired' => []]);
});

/**
 * The rules word for word, each point looked at by itself.
 *
 * @param list<float> $means
 * @param list<float> $ranges
 *
 * @return list<list<string>>
 */
function firedByHand(array $means, array $ranges, float $centre, float $sigma, float $most): array
{
    $all = [];
    foreach ($means as $at => $mean) {
        $z = static fn(int $one): float => ($means[$one] - $centre) / $sigma;
        $fired = abs($z($at)) > 3 ? ['beyond-3'] : [];
        foreach ([[2, 3, 'two-of-three'], [1, 5, 'four-of-five']] as [$sigmas, $window, $name]) {
            $same = 0;
            for ($one = max(0, $at - $window + 1); $one <= $at; $one++) {
                $same += $z($one) * ($z($at) <=> 0) > $sigmas ? 1 : 0;
            }
            if (abs($z($at)) > $sigmas && $same >= $window - 1) {
                $fired[] = $name;
            }
        }
        $signs = $at < 7 ? [] : array_unique(array_map(static fn(int $one): int => $z($one) <=> 0, range($at - 7, $at)));
        $all[] = [...$fired, ...count($signs) === 1 && current($signs) !== 0 ? ['eight'] : [], ...$ranges[$at] > $most ? ['range'] : []];
    }

    return $all;
}

it('says of made-up series what the rules say word for word', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $float = static fn(float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1e6;
    $points = [];
    for ($at = 0; $at < 60; $at++) {
        // It drifts, and jumps now and then.
        $points[] = sprintf('%.4F~%.4F', 100 + $at * $float(-0.1, 0.1) + $float(-4, 4) + ($random->getInt(1, 12) === 1 ? $float(-9, 9) : 0), $random->getInt(1, 15) === 1 ? 15 : $float(2, 6));
    }
    $chart = chartOf(pulledShop($points));
    [$means, $ranges] = [array_map(static fn(Subgroup $one): float => $one->mean, $chart->subgroups), array_map(static fn(Subgroup $one): float => $one->range, $chart->subgroups)];
    $centre = array_sum(array_slice($means, 0, 20)) / 20;
    $meanRange = array_sum(array_slice($ranges, 0, 20)) / 20;
    $byHand = firedByHand($means, $ranges, $centre, 1.88 * $meanRange / 3, 3.267 * $meanRange);
    expect(array_map(static fn(Subgroup $one): array => array_column($one->fired, 'value'), $chart->subgroups))->toBe($byHand);
})->with(range(2001, 2040));

it('watches a good thing of which a chart says something, until somebody clears it', function (string $points, ?string $since): void {
    $shop = pulledShop([...IN_CONTROL, ...explode(' ', $points)]);
    $state = $shop->onDay()->histories[0]->on(Day::read('2027-03-01'));
    expect([$state->condition->value, (string) $state->conditionSince])->toBe([$since === null ? 'good' : 'watch', (string) $since])
        ->and($state->standing('van', [])->counts)->toBeTrue();
    if ($since !== null) {
        expect($shop->onDay()->histories[0]->on(Day::read($since)->plus(-1))->condition->value)->toBe('good');
    }
})->with([
    ['100.2 99.8', null],
    ['107.6', '2027-01-21'],
    ['100.2 107.6 107.7', '2027-01-22'],
    ['107.6 cleared', null],
    ['107.6 cleared 100.2', null],
    ['107.6 cleared 107.6', '2027-01-23'],
]);

it('watches by a chart for each setting, and leaves what somebody told of it', function (): void {
    $log = static fn(string $more): Workbook => ThingsShop::of('home=van', '', '2027-01-01 pull forces=98+102; 2027-01-02 pull forces=48+52 nest=blue; 2027-01-03 pull forces=98+102; 2027-01-04 pull forces=48+52 nest=blue' . $more);
    $condition = static fn(Workbook $shop): string => $shop->onDay()->histories[0]->on(Day::read('2027-03-01'))->condition->value;
    // Together they would be far beyond; each by itself is in control.
    expect($condition($log('')))->toBe('good')
        ->and($condition($log('; 2027-01-05 pull forces=70+130')))->toBe('good')
        ->and($condition($log('; 2027-01-05 pull forces=30+34 nest=blue; 2027-01-06 condition condition=seldom')))->toBe('seldom');
});

it('names the standard by which each must hold what is required', function (string $more, PullStandard $standard, ?string $name): void {
    $pull = pulledShop(['100'], $more)->register->log[0];
    assert($pull instanceof Pulled);
    expect(RequiredForce::standard($pull, $standard))->toBe($name);
})->with([
    'by the class of the terminal' => ['terminal=ring', PullStandard::ByClass, 'UL 486A-486B'],
    'by the one of the house' => ['terminal=ring', PullStandard::AbycE11, 'ABYC E-11'],
    'without a terminal by that, too' => ['', PullStandard::AbycE11, 'ABYC E-11'],
    'without a terminal no class says' => ['', PullStandard::ByClass, null],
    'the entry says it itself' => ['terminal=ring required=90', PullStandard::ByClass, null],
]);
