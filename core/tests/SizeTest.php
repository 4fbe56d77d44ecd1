<?php

declare(strict_types=1);

use Gondrik\Core\Size\ConductorDiameter;
use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\InvalidSize;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Wire\Construction;

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
