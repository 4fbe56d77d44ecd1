<?php

declare(strict_types=1);

use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\InvalidSize;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Span;
use Gondrik\Core\Size\StandingKind;
use Gondrik\Core\Size\Torque;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\ConductorDiameter;
use Gondrik\Core\Wire\Construction;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('reads a size as people write it', function (array $row): void {
    if ($row['refused'] !== '') {
        expect(fn() => Size::parse($row['text']))->toThrow(InvalidSize::class, $row['refused']);

        return;
    }
    $size = Size::parse($row['text']);
    expect($size->family->value)->toBe($row['family'])
        ->and($size->area)->toEqualWithDelta((float) $row['area_mm2'], 0.0005 * (float) $row['area_mm2'])
        ->and($size->solidDiameter())->toEqualWithDelta((float) $row['diameter_mm'], 0.0005 * (float) $row['diameter_mm'])
        ->and((string) $size)->toBe($row['text']);
})->with(Catalogue::dataset('sizes'));

it('stands a size to a range', function (array $row): void {
    $standing = SizeRange::parse($row['range'])->standingOf(Size::parse($row['wire']));
    expect($standing->kind->name)->toBe($row['standing'])
        ->and($standing->otherMarking)->toBe($row['other_marking'] === 'yes')
        ->and($standing->isFar())->toBe($row['far'] === 'yes');
})->with(Catalogue::dataset('ranges'));

it('computes the conductor diameter', function (array $row): void {
    $diameter = ConductorDiameter::of(Size::parse($row['size']), Construction::from($row['construction']), $row['strands'] === '' ? null : (int) $row['strands']);
    expect($diameter)->toEqualWithDelta((float) $row['diameter_mm'], 0.005 * (float) $row['diameter_mm']);
})->with(Catalogue::dataset('diameters'));

it('reads a torque as somebody wrote it, and keeps it so but in N·m', function (mixed $plain, float $newtonMetres, float|string $kept): void {
    $torque = Torque::read($plain);
    expect($torque->newtonMetres)->toBe($newtonMetres)->and($torque->plain())->toBe($kept);
})->with([
    'a number is N·m' => [1.2, 1.2, 1.2],
    'a whole number' => [3, 3.0, 3.0],
    'N·m as text says no more than the number' => ['1.2 N·m', 1.2, 1.2],
    'a decimal comma' => ['1,2 Nm', 1.2, 1.2],
    'in inches' => [' 15 lbf·in ', 1.694772, '15 lbf·in'],
    'in inches, turned round' => ['15 in-lb', 1.694772, '15 in-lb'],
    'in feet' => ['4 ft-lb', 5.423272, '4 ft-lb'],
    'in feet, at length' => ['4,5 lbf ft', 6.101181, '4,5 lbf ft'],
]);

it('refuses what is no torque', function (mixed $plain, string $why): void {
    expect(fn() => Torque::read($plain))->toThrow(Invalid::class, $why);
})->with([
    'nothing' => [0, 'must be more than 0'], 'less' => [-1.5, 'must be more than 0'], 'without end' => [INF, 'must be more than 0'],
    'nothing in inches' => ['0 lbf·in', 'a torque above nothing'], 'a number as text' => ['1.2', '"1.2" is no torque'], 'millimetres' => ['3 N·mm', 'is no torque'],
    'two' => ['3 N·m 4 N·m', 'is no torque'], 'too long' => [str_repeat('9', 50) . ' N·m', 'is no torque'],
    'yes' => [true, 'a torque above nothing'], 'a list' => [[], 'a torque above nothing'],
]);

it('refuses a range that cannot be read', function (string $text, string $why): void {
    expect(fn() => SizeRange::parse($text))->toThrow(InvalidSize::class, $why);
})->with([
    'two spans of one family' => ['22-16 AWG / 12-10 AWG', 'two spans of one family'],
    'ends of two families' => ['22 AWG-1.5 mm2', 'both ends in one family'],
    'no unit' => ['22-16', 'a gauge or an area'],
    'three ends' => ['22-18-16 AWG', 'is no range'],
    'bare mm' => ['0.5-1.5 mm', 'outside diameter'],
]);

it('reads a range back exactly as written', function (string $text): void {
    expect((string) SizeRange::parse($text))->toBe($text);
})->with(['22-16 AWG / 0.5-1.5 mm2', '1/0-4/0 AWG / 50-120 mm2', '10-22 AWG', '2,5 mm²', '2/0 AWG-250 kcmil']);

it('compares by area only when several wires lie together', function (): void {
    $range = SizeRange::parse('4-6 mm2');
    expect($range->standingOfBundle(Size::parse('14 AWG'), 2)->isInside())->toBeTrue()
        ->and($range->standingOfBundle(Size::parse('2.5 mm2'), 2)->isInside())->toBeTrue()
        ->and($range->standingOfBundle(Size::parse('1.5 mm2'), 2)->isInside())->toBeFalse()
        ->and(SizeRange::parse('12-10 AWG / 4-6 mm2')->standingOfBundle(Size::parse('18 AWG'), 2)->isInside())->toBeFalse();
});

it('knows the next size of the series', function (string $size, Family $family, ?string $next): void {
    expect(TradeSeries::above(Size::parse($size)->area, $family)?->written)->toBe($next);
})->with([
    ['10 AWG', Family::Gauge, '8 AWG'],
    ['4 AWG', Family::Gauge, '3 AWG'],
    ['1 AWG', Family::Gauge, '1/0 AWG'],
    ['4/0 AWG', Family::Gauge, null],
    ['2.5 mm2', Family::Metric, '4 mm2'],
    ['3.3 mm2', Family::Gauge, '10 AWG'],
]);

it('holds every gauge of the series in order and in its own range', function (): void {
    $series = TradeSeries::of(Family::Gauge);
    foreach ($series as $index => $size) {
        expect(SizeRange::single($size)->standingOf($size)->isInside())->toBeTrue();
        if ($index > 0) {
            expect($size->area)->toBeGreaterThan($series[$index - 1]->area);
        }
    }
});

it('knows no trade equivalent further off than 30 %, which bounds what must be asked of a large kit', function (): void {
    foreach (Gondrik\Core\Size\TradeEquivalents::rows() as [$metric, $gauge]) {
        expect(max($metric->area / $gauge->area, $gauge->area / $metric->area))->toBeLessThan(1.3);
    }
});

it('reads a range in every form that a size has', function (string $text, array $spans): void {
    expect(array_map(static fn(Span $span): string => $span->written(), SizeRange::parse($text)->spans()))->toBe($spans);
})->with([
    'the unit before' => ['AWG 22-16', ['22-16 AWG']],
    'the unit before, and areas' => ['AWG 22-16 / 0.5-1.5 mm2', ['22-16 AWG', '0.5-1.5 mm2']],
    'no blanks' => ['22-16 AWG/0.5-1.5 mm2', ['22-16 AWG', '0.5-1.5 mm2']],
    'both ends with their unit' => ['AWG #22 - AWG #16', ['22-16 AWG']],
    'B&S with blanks and mm^2' => ['8 b & s / 6 mm^2', ['8 b & s', '6 mm^2']],
    'aught before an area' => ['AWG 2/0/70 mm²', ['AWG 2/0', '70 mm²']],
    'in words' => ['12 AWG to 10 AWG', ['12-10 AWG']],
    'decimal commas' => ['0,5–1,5 mm²', ['0,5-1,5 mm²']],
]);

it('can read every range that it writes', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $texts = ['12 AWG', 'AWG 12', 'AWG #22', '4/0 AWG', '0000 AWG', '8 B&S', '250 kcmil', '500 MCM', '2.5 mm2', '2,5 mm²', '0.14 mm^2', '10 mm2', '36 awg'];
    for ($n = 0; $n < 200; $n++) {
        $sizes = array_map(static fn(int $at): Size => Size::parse($texts[$at]), $random->pickArrayKeys($texts, $random->getInt(1, 6)));
        $hull = SizeRange::hull(array_map(SizeRange::single(...), array_values($sizes)));
        $again = SizeRange::parse($hull->written);
        expect($again->from)->toEqualWithDelta($hull->from, 1e-9)->and($again->to)->toEqualWithDelta($hull->to, 1e-9)
            ->and(count($again->spans()))->toBe(count($hull->spans()));
        foreach ($sizes as $size) {
            expect($again->standingOf($size)->kind)->toBe(StandingKind::OwnSpan);
        }
    }
})->with([1, 2, 3]);

it('looks at the length of a text before anything else', function (string $text): void {
    expect(fn() => Size::parse($text))->toThrow(InvalidSize::class)
        ->and(fn() => SizeRange::parse($text))->toThrow(InvalidSize::class);
})->with([['awg' . str_repeat(' ', 60_000) . 'x'], [str_repeat('1', 100_000)], [str_repeat('1/0-', 20_000)]]);

it('refuses a size that names two units', function (): void {
    expect(fn() => Size::parse('AWG 12 mm2'))->toThrow(InvalidSize::class, 'names two units. Write one: 12 AWG or 12 mm2.');
});

it('narrows a span and never widens it', function (): void {
    $span = static fn(string $text): Span => SizeRange::parse($text)->spans()[0];
    expect($span('22-16 AWG')->narrowedTo($span('22-18 AWG'))?->written())->toBe('22-18 AWG')
        ->and($span('20 AWG')->narrowedTo($span('22-18 AWG'))?->written())->toBe('20 AWG')
        ->and($span('16-14 AWG')->narrowedTo($span('22-18 AWG')))->toBeNull();
});
