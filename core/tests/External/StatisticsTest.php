<?php

declare(strict_types=1);

/*
 * Charts and comparisons against sources outside: worked examples out of the NIST/SEMATECH e-Handbook and D. C. Montgomery, Introduction to Statistical Quality Control
 * (written down from memory; their own figures agree with each other), the factors of both, and a general-purpose statistics package (jstat, by Node).
 */

use Gondrik\Core\Gauge\GaugeLine;
use Gondrik\Core\Gauge\PullTest;
use Gondrik\Core\Gauge\SimulatedGauge;
use Gondrik\Core\Gauge\SimulatedSettings;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Proof\ChartFactors;
use Gondrik\Core\Proof\ChartRule;
use Gondrik\Core\Proof\ChartSetting;
use Gondrik\Core\Proof\Comparison;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\Spread;
use Gondrik\Core\Proof\StudentT;
use Gondrik\Core\Proof\Subgroup;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Value\Day;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * @param list<array{string, mixed}> $questions
 *
 * @return list<mixed>
 */
function statisticsOutside(array $questions): array
{
    $node = proc_open(['node', __DIR__ . '/statistics.mjs'], [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes, dirname(__DIR__, 3));
    assert(is_resource($node));
    fwrite($pipes[0], json_encode($questions, JSON_THROW_ON_ERROR));
    fclose($pipes[0]);
    $answers = json_decode((string) stream_get_contents($pipes[1]), true);
    proc_close($node);

    return is_array($answers) ? $answers : throw new RuntimeException('Node with jstat is needed for this check');
}

/** @return non-empty-list<float> */
function pullsAbout(Randomizer $dice, float $mean, float $spread, int $count): array
{
    return array_map(static fn(): float => $mean + $spread * ($dice->getInt(-1000, 1000) + $dice->getInt(-1000, 1000)) / 1000, range(1, $count));
}

it('agrees with the worked example of the e-Handbook on two series that spread unlike (section 7.3.1)', function (): void {
    // Times of assembly by an old and a new process: means 36.0909 and 32.2222, deviations 4.9082 and 2.5386, t 2.269 with 15.5 degrees of freedom.
    $old = Spread::of([32.0, 37.0, 35.0, 28.0, 41.0, 44.0, 35.0, 31.0, 34.0, 38.0, 42.0]);
    $new = Spread::of([36.0, 31.0, 30.0, 31.0, 34.0, 36.0, 29.0, 32.0, 31.0]);
    $comparison = Comparison::of($old, $new);
    expect([round($old->mean, 4), round((float) $old->deviation, 4), round($new->mean, 4), round((float) $new->deviation, 4)])->toBe([36.0909, 4.9082, 32.2222, 2.5386])
        ->and(round((float) $comparison?->t, 3))->toBe(2.269)
        ->and(round((float) $comparison?->freedom, 1))->toBe(15.5)
        // One side at 5 % is beyond 1.746 with 16 degrees.
        ->and(StudentT::bothSides(1.746, 16.0))->toEqualWithDelta(0.10, 0.0005);
});

it('agrees with the tables of Student\'s distribution', function (float $freedom, float $t, float $bothSides): void {
    // NIST/SEMATECH e-Handbook, table 1.3.6.7.2.
    expect(StudentT::bothSides($t, $freedom))->toEqualWithDelta($bothSides, 0.0001);
})->with([[1.0, 12.706, 0.05], [5.0, 2.571, 0.05], [10.0, 2.228, 0.05], [10.0, 3.169, 0.01], [30.0, 2.042, 0.05], [100.0, 1.984, 0.05], [4.0, 0.0, 1.0]]);

it('agrees with Montgomery\'s chart of flow widths: 25 subgroups of five, mean 1.5056, mean range 0.32521', function (): void {
    $factors = ChartFactors::of(5) ?? throw new LogicException();
    expect([round(1.5056 + $factors->a2 * 0.32521, 5), round(1.5056 - $factors->a2 * 0.32521, 5)])->toBe([1.69325, 1.31795])
        ->and([round($factors->d3 * 0.32521, 5), round($factors->d4 * 0.32521, 5)])->toBe([0.0, 0.68749])
        // Deviation of a piece: mean range / d2.
        ->and(round(0.32521 / $factors->d2, 4))->toBe(0.1398);
});

it('is exact where the distribution has a closed form', function (float $t): void {
    // One degree of freedom is Cauchy's distribution; two have an algebraic one (Abramowitz and Stegun, 26.7.3 and 26.7.4).
    expect(StudentT::bothSides($t, 1.0))->toEqualWithDelta(1.0 - 2.0 / M_PI * atan(abs($t)), 1e-13)
        ->and(StudentT::bothSides($t, 2.0))->toEqualWithDelta(1.0 - abs($t) / sqrt(2.0 + $t * $t), 1e-13);
})->with([0.0, 0.01, -0.4, 1.0, 2.0, -9.0, 300.0]);

it('agrees with a statistics package on how far chance goes', function (): void {
    $questions = [];
    foreach ([1.0, 2.0, 3.7, 8.0, 15.5, 40.0, 250.0] as $freedom) {
        foreach ([-3.2, -0.4, 0.0, 0.01, 0.9, 1.96, 4.5, 9.0] as $t) {
            $questions[] = ['bothSides', [$t, $freedom]];
        }
    }
    foreach (statisticsOutside($questions) as $at => $theirs) {
        expect(StudentT::bothSides(...$questions[$at][1]))->toEqualWithDelta($theirs, 1e-7, json_encode($questions[$at][1]) ?: '');
    }
});

it('agrees with a statistics package on two series of pulls', function (): void {
    $dice = new Randomizer(new Mt19937(11));
    $questions = $series = [];
    foreach (range(1, 40) as $case) {
        $pair = [pullsAbout($dice, 100.0, 3.0, $dice->getInt(2, 30)), pullsAbout($dice, 96.0 + $dice->getInt(0, 8), (float) $dice->getInt(1, 9), $dice->getInt(2, 30))];
        $series[] = $pair;
        $questions[] = ['welch', $pair];
        $questions[] = ['spread', $pair[0]];
    }
    $theirs = statisticsOutside($questions);
    foreach ($series as $at => [$one, $other]) {
        $ours = Comparison::of(Spread::of($one), Spread::of($other));
        expect([$ours?->t, $ours?->freedom, $ours?->chance])->toEqualWithDelta(array_values($theirs[2 * $at]), 1e-7)
            ->and([Spread::of($one)->mean, Spread::of($one)->deviation])->toEqualWithDelta(array_values($theirs[2 * $at + 1]), 1e-9);
    }
});

it('says of 200 pulls of a gauge whose crimps drift what a reference says, as they come in', function (int $seed, float $drift): void {
    $gauge = new SimulatedGauge(new SimulatedSettings(mean: 90.0, spread: 3.0, drift: $drift, noise: 0.05, seed: $seed));
    $subgroups = [];
    foreach (range(0, 199) as $number) {
        $test = new PullTest((string) $number, 500.0, 0.0);
        foreach ($gauge->pull((string) $number) as $said) {
            foreach ($test->hear(GaugeLine::read($said->text), 0.0) as $event) {
                if ($event->kind === 'peak') {
                    $subgroups[intdiv($number, 5)][] = $event->force?->newtons;
                }
            }
        }
    }
    expect($subgroups)->toHaveCount(40)->and(array_unique(array_map(count(...), $subgroups)))->toBe([5]);
    $factors = ChartFactors::of(5) ?? throw new LogicException();
    $stages = [3, 19, 20, 21, 28, 34, 40];
    $theirs = statisticsOutside(array_map(static fn(int $many): array => ['chart', ['subgroups' => array_slice($subgroups, 0, $many), 'a2' => $factors->a2, 'd3' => $factors->d3, 'd4' => $factors->d4]], $stages));
    foreach ($stages as $at => $many) {
        $log = array_map(static fn(array $forces, int $day): string => Day::read('2027-01-01')->plus($day) . ' pull forces=' . implode('+', array_map(static fn(float $force): string => sprintf('%.10F', $force), $forces)), array_slice($subgroups, 0, $many), array_keys(array_slice($subgroups, 0, $many)));
        $chart = ControlChart::of(Log::of(ThingsShop::of('home=van', '', implode('; ', $log))->register->log)->about('c1'), ChartSetting::asked('wire'), PullStandard::ByClass);
        expect([$chart?->centre, $chart?->meanRange])->toEqualWithDelta([$theirs[$at]['centre'], $theirs[$at]['range']], 1e-9)
            ->and(array_map(static fn(Subgroup $one): array => array_map(static fn(ChartRule $rule): string => $rule->value, $one->fired), $chart->subgroups ?? []))->toBe($theirs[$at]['fired']);
    }
    // What drifts is told, long before the last; what does not, hardly ever.
    $alarms = count(array_filter($theirs[6]['fired']));
    expect($drift === 0.0 ? $alarms < 6 : $alarms > 8)->toBeTrue((string) $alarms);
})->with([[1, 0.0], [2, -0.06], [3, 0.05], [4, -0.12]]);
