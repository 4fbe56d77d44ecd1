<?php

declare(strict_types=1);

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Wording\ForceUnit;
use Gondrik\Core\Wording\LengthUnit;
use Gondrik\Core\Wording\Units;

/** @return array<string, mixed> what is wanted for the only hole of a line */
function wantedFor(string $wire, string $terminal, string $line, string $tools, string $rules = '', Units $units = new Units()): array
{
    $workbook = Catalogue::workbook($wire, $terminal, $line, $tools, $rules);
    $holes = (new ReportWriter($units))->report(Coverage::onPaper(Catalogue::kit($workbook), $workbook->scopes[0], Catalogue::houseRules($workbook)))['holes'];
    expect($holes)->toHaveCount(1);

    return $holes[0]['wanted'];
}

it('writes what is wanted with the members of the capability that would do', function (string $wire, string $terminal, string $line, string $tools, string $rules, array $members): void {
    $wanted = wantedFor($wire, $terminal, $line, $tools, $rules);
    expect($wanted['text'])->toEndWith('.');
    unset($wanted['text']);
    expect(json_decode((string) json_encode($wanted), true))->toBe($members);
})->with([
    'a cutter' => ['16-stranded', 'ring-blue', '', 'strip-awg-only oval', '', ['single' => '16 AWG', 'maxOd' => 2.5, 'inPlaceOnly' => false]],
    'a cutter, compact' => ['16-stranded', 'ring-blue', 'access=tight', 'strip-awg-only oval', '', ['single' => '16 AWG', 'maxOd' => 2.5, 'compact' => true, 'inPlaceOnly' => false]],
    'a stripper without mains' => ['16-stranded', 'ring-blue', 'noMains=yes', 'cut-diagonal oval', '', ['method' => 'self-adjusting', 'insulation' => ['pvc'], 'size' => '16 AWG', 'maxOd' => 2.5, 'energy' => 'hand', 'inPlaceOnly' => false]],
    'a crimper by code' => ['16-stranded', 'ring-blue', '', 'cut-diagonal strip-awg-only', '', ['class' => 'insulated', 'profiles' => ['oval', 'dimple'], 'control' => 'full-cycle', 'sizes' => ['16 AWG'], 'codes' => ['blue'], 'inPlaceOnly' => false]],
    'a crimper by size' => ['22-stranded', 'open-24-22', '', 'cut-diagonal strip-awg-only', '', ['class' => 'open-barrel', 'profiles' => ['roll'], 'control' => 'full-cycle', 'sizes' => ['24-22 AWG'], 'codes' => [], 'inPlaceOnly' => false]],
    'a crimper that grips' => ['16-stranded', 'ring-red', '', 'cut-diagonal strip-awg-only', 'insulationGrip=insulated', ['class' => 'insulated', 'profiles' => ['oval', 'dimple'], 'control' => 'full-cycle', 'sizes' => ['16 AWG'], 'codes' => ['red'], 'gripsInsulation' => true, 'inPlaceOnly' => false]],
    'a crimper that seals' => ['0.5-fine', 'sealed-20', '', 'cut-diagonal strip-awg-only', '', ['class' => 'sealed-open-barrel', 'profiles' => ['roll'], 'control' => 'full-cycle', 'sizes' => ['22-20 AWG / 0.35-0.5 mm2'], 'codes' => [], 'seal' => ['min' => 2.1, 'max' => 2.1], 'inPlaceOnly' => false]],
    'a seal where the wire is not measured' => ['25-od-unknown', 'sealed-20', '', 'cut-diagonal strip-awg-only', '', ['class' => 'sealed-open-barrel', 'profiles' => ['roll'], 'control' => 'full-cycle', 'sizes' => ['22-20 AWG / 0.35-0.5 mm2'], 'codes' => [], 'seal' => ['min' => 1.2, 'max' => 2.1], 'inPlaceOnly' => false]],
    'a sheath stripper' => ['pvc-3x1.5', 'ferrule-1.5', '', 'cut-diagonal strip-awg-only square', '', ['shapes' => ['round'], 'materials' => ['pvc'], 'size' => '1.5 mm2', 'od' => ['min' => 8.6, 'max' => 8.6], 'section' => 20, 'inPlaceOnly' => false]],
    'heat' => ['16-stranded', 'butt-seal', '', 'cut-diagonal strip-awg-only oval', '', ['heat' => 'gun', 'maxOd' => 2.5, 'inPlaceOnly' => false]],
    'an iron' => ['22-stranded', 'cup', 'temperature=350', 'cut-diagonal strip-awg-only', '', ['temperature' => ['min' => 350, 'max' => 350], 'inPlaceOnly' => false]],
    'an iron, any' => ['22-stranded', 'cup', '', 'cut-diagonal strip-awg-only', '', ['inPlaceOnly' => false]],
    'a driver' => ['1.5-fine', 'clamp-fine', 'torque=0.8', 'cut-diagonal strip-awg-only', '', ['range' => ['min' => 0.8, 'max' => 0.8], 'inPlaceOnly' => false]],
    'a driver, any' => ['1.5-fine', 'clamp-fine', '', 'cut-diagonal strip-awg-only', '', ['range' => ['min' => 0], 'inPlaceOnly' => false]],
    'a pull tester by the thinnest wire' => ['16-stranded', 'butt-blue', 'wireB=14-stranded', 'cut-diagonal strip-awg-only oval', 'pullTest=every', ['capacity' => 223, 'inPlaceOnly' => false]],
    'an extractor' => ['22-stranded', 'contact-20', 'housing=yes', 'cut-diagonal strip-awg-only four-indent', '', ['codes' => ['size 20'], 'inPlaceOnly' => false]],
]);

it('calls a hole by what is to be done and on what', function (string $wire, string $terminal, string $line, string $tools, string $rules, string $name): void {
    $workbook = Catalogue::workbook($wire, $terminal, $line, $tools, $rules);
    $holes = (new ReportWriter())->report(Coverage::onPaper(Catalogue::kit($workbook), $workbook->scopes[0], Catalogue::houseRules($workbook)))['holes'];
    expect(array_column($holes, 'name'))->toBe([$name]);
})->with([
    'a cut' => ['16-stranded', 'ring-blue', '', 'strip-awg-only oval', '', 'Cutting 16 AWG'],
    'where there is no room' => ['16-stranded', 'ring-blue', 'access=tight', 'strip-awg-only oval', '', 'Cutting 16 AWG, tight'],
    'a strip' => ['16-stranded', 'ring-blue', '', 'cut-diagonal oval', '', 'Stripping 16 AWG'],
    'a sheath' => ['pvc-3x1.5', 'ferrule-1.5', '', 'cut-diagonal strip-awg-only square', '', 'Sheath of round PVC cable'],
    'a nest by its code' => ['16-stranded', 'ring-blue', '', 'cut-diagonal strip-awg-only', '', 'Crimping insulated terminal, 16 AWG, nest “blue”'],
    'a nest by its size' => ['22-stranded', 'open-24-22', '', 'cut-diagonal strip-awg-only', '', 'Crimping open barrel, 24-22 AWG'],
    'heat' => ['16-stranded', 'butt-seal', '', 'cut-diagonal strip-awg-only oval', '', 'Shrinking sleeves'],
    'an iron' => ['22-stranded', 'cup', 'temperature=350', 'cut-diagonal strip-awg-only', '', 'Soldering'],
    'a torque' => ['1.5-fine', 'clamp-fine', 'torque=0.8', 'cut-diagonal strip-awg-only', '', 'Tightening to 0.8 N·m'],
    'a torque not stated' => ['1.5-fine', 'clamp-fine', '', 'cut-diagonal strip-awg-only', '', 'Tightening by torque'],
    'a pull test' => ['16-stranded', 'butt-blue', 'wireB=14-stranded', 'cut-diagonal strip-awg-only oval', 'pullTest=every', 'Pull test to 223 N'],
    'an extractor' => ['22-stranded', 'contact-20', 'housing=yes', 'cut-diagonal strip-awg-only four-indent', '', 'Extracting “size 20”'],
]);

it('tells forces in pounds and keeps numbers in newtons', function (): void {
    // GNU units: 223 N are 50.13 lbf.
    $wanted = wantedFor('16-stranded', 'butt-blue', 'wireB=14-stranded', 'cut-diagonal strip-awg-only oval', 'pullTest=every', new Units(force: ForceUnit::PoundForce));
    expect($wanted['text'])->toBe('A pull tester that reaches 50.1 lbf.')->and($wanted['capacity'])->toBe(223.0);
});

it('tells lengths in inches and keeps numbers in millimetres', function (): void {
    $wanted = wantedFor('16-stranded', 'ring-blue', '', 'strip-awg-only oval', units: new Units(length: LengthUnit::Inch));
    expect($wanted['text'])->toBe('A cutter for single wire, 16 AWG, 0.098 in across.')->and($wanted['maxOd'])->toBe(2.5);
});

it('names the two ends of a splice', function (): void {
    $workbook = Catalogue::workbook('16-stranded', 'butt-blue', 'wireB=14-stranded quantity=3', 'strip-awg-only oval');
    $report = (new ReportWriter())->report(Coverage::onPaper(Catalogue::kit($workbook), $workbook->scopes[0], Catalogue::houseRules($workbook)));
    expect(array_column($report['lines'][0]['steps'], 'wire'))->toBe(['16-stranded', '14-stranded', '16-stranded', '14-stranded', '16-stranded', '14-stranded'])
        ->and($report['holes'][0]['wires'])->toBe(['16-stranded', '14-stranded'])
        ->and($report['holes'][0]['quantity'])->toBe(3)
        ->and($report['holes'][0]['nearest'])->toBeNull();
});
