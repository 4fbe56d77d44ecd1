<?php

declare(strict_types=1);

use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Preset;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;

it('checks a line and finds its steps', function (array $row): void {
    $workbook = Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], '', $row['rules']);
    $rules = Catalogue::houseRules($workbook);
    $checks = (new LineChecks($rules))->of(Catalogue::line($workbook));
    $worst = array_reduce($checks, static fn(Fit $fit, Reason $check): Fit => $fit->worse($check->fit), Fit::Proper);

    expect(array_map(static fn(Reason $check): string => $check->code->value, $checks))->toBe(Catalogue::words($row['checks']))
        ->and($worst)->toBe(['plain' => Fit::Proper, 'makeshift' => Fit::Makeshift, 'faulty' => Fit::Unsuitable][$row['verdict']]);
    if ($worst !== Fit::Unsuitable) {
        $steps = array_map(static fn(Step $step): string => $step->operation->value, (new Steps(new Operations($rules)))->of(Catalogue::line($workbook)));
        expect($steps)->toBe(Catalogue::words($row['steps']));
    }
})->with(Catalogue::dataset('lines'));

it('refuses lines that make no sense', function (string $wire, string $terminal, string $line, string $why): void {
    expect(fn() => Catalogue::workbook($wire, $terminal, $line, ''))->toThrow(LogicException::class, $why);
})->with([
    'nothing at all' => ['', '', '', 'give a wire and a terminal'],
    'a second wire at a terminal with one end' => ['16-stranded', 'ring-blue', 'wireB=14-stranded', 'two ends'],
    'the crimp left out' => ['16-stranded', 'ring-blue', 'drop=crimp', 'cannot be dropped'],
    'the torque of a screw clamp left out' => ['1.5-fine', 'clamp', 'drop=torque', 'cannot be dropped'],
    'solder added to a screw clamp' => ['1.5-fine', 'clamp', 'add=solder', 'no crimp or solder of another class'],
    'a crimp added to a solder cup' => ['22-stranded', 'cup', 'add=crimp', 'no crimp or solder of another class'],
    'shearing on a line with a wire' => ['16-stranded', 'ring-blue', 'shear=6-32', 'only a line without wire and terminal'],
    'the only step of a screw left out' => ['', '', 'torque=2 drop=torque', 'only step of a screw'],
    'a crimp on a screw' => ['', '', 'torque=2 add=crimp', 'only its screw'],
    'sheath off a wire without one' => ['16-stranded', 'ring-blue', 'add=strip-sheath', 'no sheath'],
    'extracting without a code' => ['16-stranded', 'ring-blue', 'add=extract', 'no extractCode'],
    'cutting screws' => ['16-stranded', 'ring-blue', 'add=shear-screw', 'only a screw with a thread'],
]);

it('lets house rules override each other in their order of force', function (): void {
    $shop = new RuleChoice(Preset::Marine, trainedHands: true);
    $scope = new RuleChoice(Preset::Vehicle, hammerLugs: Stance::Refuse);

    expect(HouseRules::inForce()->trainedHands)->toBeFalse()
        ->and(HouseRules::inForce($shop)->pullStandard)->toBe(PullStandard::AbycE11)
        ->and(HouseRules::inForce($shop)->trainedHands)->toBeTrue()
        ->and(HouseRules::inForce($shop, $scope)->trainedHands)->toBeFalse('a preset sets every key')
        ->and(HouseRules::inForce($shop, $scope)->hammerLugs)->toBe(Stance::Refuse)
        ->and(HouseRules::inForce($shop, new RuleChoice(openFlame: false))->pullStandard)->toBe(PullStandard::AbycE11);
});

it('sets every key of a preset', function (Preset $preset, array $different): void {
    $defaults = (new HouseRules())->keys();
    $changed = [];
    foreach ($preset->rules()->keys() as $key => $value) {
        if (serialize($value) !== serialize($defaults[$key])) {
            $changed[] = $key;
        }
    }
    sort($different);
    sort($changed);
    expect($changed)->toBe($different);
})->with([
    'building' => [Preset::Building, ['trainedHands', 'fullCycleFor', 'listedWire', 'carry']],
    'vehicle' => [Preset::Vehicle, ['fullCycleFor', 'hammerLugs', 'carry']],
    'marine' => [Preset::Marine, ['fullCycleFor', 'insulationGrip', 'pullStandard', 'carry']],
    'panel' => [Preset::Panel, ['openFlame', 'fullCycleFor', 'listedWire', 'torqueEvery']],
    'aircraft' => [Preset::Aircraft, ['openFlame', 'fullCycleFor', 'insulationGrip', 'pullTest', 'listedWire', 'insulations', 'pullStandard', 'strandDamage', 'carry', 'signOffFor']],
    'bench' => [Preset::Bench, ['makeshiftCounts', 'openFlame', 'tinning', 'solderSplices', 'solderOnCrimp', 'poweredFinalTorque', 'carry']],
]);

it('wants full-cycle for all crimped classes but bare, lug, tap, ribbon, coax and ignition', function (): void {
    $left = array_filter(TerminalClass::crimped(), static fn(TerminalClass $class): bool => !in_array($class, HouseRules::FULL_CYCLE_FOR, true));
    expect(array_column($left, 'value'))->toBe(['bare', 'lug', 'tap', 'ribbon', 'coax', 'ignition']);
});
