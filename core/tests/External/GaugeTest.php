<?php

declare(strict_types=1);

/*
 * Sizes against sources outside: GNU units (wiregauge follows ASTM B258), NEC chapter 9 tables 5 and 8 (written down
 * from memory, see the recall column), IEC 60947-1 table 1 (from memory).
 */

use Gondrik\Core\Bench\PullForce;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Strip\StripRules;
use Gondrik\Core\Match\Strip\StripWork;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Torque;
use Gondrik\Core\Size\TradeEquivalents;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Wire\ConductorDiameter;
use Gondrik\Core\Wire\Construction;

/** What GNU units makes of one expression in one unit. */
function gnuUnits(string $from, string $to): float
{
    exec('units -t ' . escapeshellarg($from) . ' ' . escapeshellarg($to) . ' 2>&1', $output, $status);
    if ($status !== 0 || !is_numeric($output[0] ?? null)) {
        throw new RuntimeException('GNU units is needed for this check (Debian package units): ' . implode(' ', $output));
    }

    return (float) $output[0];
}

it('agrees with GNU units on diameter and area of every gauge from 40 AWG to 4/0', function (): void {
    foreach (range(-3, 40) as $n) {
        $size = Size::awg($n);
        $diameter = gnuUnits('wiregauge(' . $n . ')', 'mm');
        expect($size->solidDiameter())->toEqualWithDelta($diameter, 1e-5 * $diameter, $size->written)
            ->and($size->area)->toEqualWithDelta(gnuUnits('circlearea(wiregauge(' . $n . ')/2)', 'mm^2'), 1e-5 * $size->area, $size->written);
    }
});

it('agrees with GNU units on kcmil, on pounds-force, and on torque in pounds', function (): void {
    expect(Size::parse('250 kcmil')->area)->toEqualWithDelta(gnuUnits('250 kcmil', 'mm^2'), 1e-6);
    $force = PullForce::required(PullStandard::Ul486, Size::parse('16 AWG'));
    expect($force?->newtons)->toEqualWithDelta(gnuUnits('30 lbf', 'N'), 1e-4)
        ->and($force?->poundsForce())->toEqualWithDelta(30.0, 1e-9)
        ->and(Torque::parse('15 lbf·in')->newtonMetres)->toEqualWithDelta(gnuUnits('15 lbf inch', 'N m'), 1e-6)
        ->and(Torque::parse('40 ft-lb')->newtonMetres)->toEqualWithDelta(gnuUnits('40 lbf foot', 'N m'), 1e-6);
});

it('agrees with the handbook on conductor diameters within 1 % (NEC chapter 9 table 8, from memory)', function (array $row): void {
    $strands = (int) $row['strands'];
    $diameter = ConductorDiameter::of(Size::parse($row['awg'] . ' AWG'), $strands === 1 ? Construction::Solid : Construction::Stranded, $strands);
    expect($diameter / 25.4)->toEqualWithDelta((float) $row['overall_diameter_in'], 0.01 * (float) $row['overall_diameter_in']);
})->with(fn(): array => array_map(static fn(array $row): array => [$row], Table::rows('conductor')));

it('agrees with the handbook on circular mils within 0.3 %, its rounding (NEC chapter 9 table 8, from memory)', function (): void {
    foreach (Table::rows('conductor') as $row) {
        $mils = Size::parse($row['awg'] . ' AWG')->area / (M_PI / 4 * 0.0254 ** 2);
        expect($mils)->toEqualWithDelta((float) $row['circular_mils'], 0.003 * (float) $row['circular_mils'], $row['awg']);
    }
});

it('finds the trade equivalents both ways (IEC 60947-1 table 1, from memory; common practice)', function (array $row): void {
    $metric = Size::parse($row['mm2'] . ' mm2');
    $gauge = Size::parse(str_contains($row['awg'], 'kcmil') ? $row['awg'] : $row['awg'] . ' AWG');
    $written = static fn(Size $size): array => array_map(static fn(Size $equivalent): string => $equivalent->written, TradeEquivalents::of($size));
    expect($written($metric))->toContain($gauge->written)
        ->and($written($gauge))->toContain($metric->written)
        ->and(SizeRange::single($gauge)->standingOf($metric)->isInside())->toBeTrue()
        ->and(SizeRange::single($metric)->standingOf($gauge)->isInside())->toBeTrue();
})->with(fn(): array => array_map(static fn(array $row): array => [$row], Table::rows('trade-sizes')));

it('cuts strands with a hole one gauge too small and never cleans with one too large, on building wire (NEC chapter 9 table 5, from memory)', function (array $row): void {
    $awg = $row['awg'];
    $next = static fn(int $step): string => match (true) {
        str_contains($awg, '/') => '',
        (int) $awg > 4 => (string) ((int) $awg + 2 * $step),
        default => '',
    };
    if ($next(1) === '') {
        expect(Size::parse($awg . ' AWG')->family)->toBe(Family::Gauge);

        return;
    }
    $wire = new Gondrik\Core\Wire\Wire('w', 'w', Size::parse($awg . ' AWG'), Construction::Stranded, Gondrik\Core\Wire\Material::Pvc, 7, insulationOd: 25.4 * (float) $row['outside_diameter_in']);
    $verdict = static function (string $label) use ($wire): string {
        $strip = new Gondrik\Core\Tool\Strip(Gondrik\Core\Tool\StripMethod::Notch, [Gondrik\Core\Wire\Material::Pvc], positions: [new Gondrik\Core\Tool\Position($label, stranded: SizeRange::parse($label . ' AWG'))]);
        $work = new StripWork(new Conditions(), $wire->size, $wire->construction, $wire->conductorDiameter, $wire->nextSmallerConductor(), $wire->insulation, $wire->insulationOd, null);
        $findings = Findings::telling();
        (new StripRules(new HouseRules()))->judge($work, $strip, $findings);

        $codes = array_map(static fn(Reason $reason): string => $reason->code->value, $findings->reasons());

        return array_values(array_filter($codes, static fn(string $code): bool => str_starts_with($code, 'notch.')))[0];
    };
    expect($verdict($awg))->toBe('notch.label')
        ->and($verdict($next(1)))->toBe('notch.cuts-strands')
        ->and($verdict($next(-1)))->toBeIn(['notch.ragged', 'notch.does-not-sever']);
})->with(fn(): array => array_map(static fn(array $row): array => [$row], Table::rows('insulated-od')));

it('reads pull forces by size: its row, the next larger row between, nothing beyond', function (PullStandard $standard, string $size, ?float $newtons, bool $nextLarger): void {
    $force = PullForce::required($standard, Size::parse($size));
    expect($force?->newtons)->toEqualWithDelta($newtons ?? 0.0, 0.5);
    expect($force === null)->toBe($newtons === null)->and($force->isNextLarger ?? false)->toBe($nextLarger);
})->with([
    'UL 486A-486B, 22 AWG: 8 lbf' => [PullStandard::Ul486, '22 AWG', 35.6, false],
    'UL 486A-486B, 5 AWG reads 4 AWG: 140 lbf' => [PullStandard::Ul486, '5 AWG', 622.8, true],
    'UL 486A-486B, 28 AWG has none' => [PullStandard::Ul486, '28 AWG', null, false],
    'IEC 60352-2, 22 AWG has a row of its own: 40 N' => [PullStandard::Iec60352, '22 AWG', 40.0, false],
    'IEC 60352-2, 0.2 mm2 is 24 AWG within 3 %: 28 N' => [PullStandard::Iec60352, '0.2 mm2', 28.0, false],
    'IEC 60352-2, 0.34 mm2 is between: 0.5 mm2, 60 N' => [PullStandard::Iec60352, '0.34 mm2', 60.0, true],
    'IEC 60352-2, 0.5 mm2: 60 N' => [PullStandard::Iec60352, '0.5 mm2', 60.0, false],
    'IEC 60352-2, 1 mm2: 108 N' => [PullStandard::Iec60352, '1 mm2', 108.0, false],
    'IEC 60352-2, 16 mm2 has none' => [PullStandard::Iec60352, '16 mm2', null, false],
    'IEC 60947-1, 2.5 mm2: 50 N' => [PullStandard::Iec60947, '2.5 mm2', 50.0, false],
    'IEC 60947-1, 150 mm2: 427 N' => [PullStandard::Iec60947, '150 mm2', 427.0, false],
    'IEC 60947-1, 240 mm2: 578 N' => [PullStandard::Iec60947, '240 mm2', 578.0, false],
    'IEC 60947-1, 130 mm2 reads 150 mm2: 427 N' => [PullStandard::Iec60947, '130 mm2', 427.0, true],
    'IEC 61238-1, 50 mm2: 60 N/mm2' => [PullStandard::Iec61238, '50 mm2', 3000.0, false],
    'SAE AS7928, 16 AWG: 50 lbf' => [PullStandard::SaeAs7928, '16 AWG', 222.4, false],
    'ABYC E-11, 5 AWG: 60 lbf' => [PullStandard::AbycE11, '5 AWG', 266.9, false],
]);

it('names a source and how sure it is beside every reference row', function (string $table): void {
    foreach (Table::rows($table) as $row) {
        expect($row['source'])->not->toBe('')->and($row['recall'])->toBeIn(['formula', 'memory', 'common-practice']);
    }
})->with(['trade-sizes', 'conductor', 'strandings', 'insulated-od', 'pull-force', 'ferrules', 'heat-shrink', 'colour-bands', 'contact-sizes', 'wire-colour-code', 'stud-holes', 'strand-damage', 'control-chart', 'crimp-profiles', 'look', 'cautions']);

it('takes the standard that a class of terminal follows', function (Gondrik\Core\Terminal\TerminalClass $class, string $size, ?PullStandard $standard): void {
    expect(PullForce::standardFor(PullStandard::ByClass, $class, Size::parse($size)))->toBe($standard);
})->with([
    'AWG wire: UL 486A-486B' => [Gondrik\Core\Terminal\TerminalClass::Insulated, '16 AWG', PullStandard::Ul486],
    'metric wire: IEC 60352-2' => [Gondrik\Core\Terminal\TerminalClass::Insulated, '1.5 mm2', PullStandard::Iec60352],
    'contacts, whatever the wire: IEC 60352-2' => [Gondrik\Core\Terminal\TerminalClass::OpenBarrel, '22 AWG', PullStandard::Iec60352],
    'a metric lug above 10 mm2: IEC 61238-1' => [Gondrik\Core\Terminal\TerminalClass::Lug, '16 mm2', PullStandard::Iec61238],
    'a metric lug of 10 mm2 already: IEC 61238-1' => [Gondrik\Core\Terminal\TerminalClass::Lug, '10 mm2', PullStandard::Iec61238],
    'a metric lug of 6 mm2: IEC 60352-2' => [Gondrik\Core\Terminal\TerminalClass::Lug, '6 mm2', PullStandard::Iec60352],
    'a lug on AWG wire: UL 486A-486B' => [Gondrik\Core\Terminal\TerminalClass::Lug, '2/0 AWG', PullStandard::Ul486],
    'ferrules: clamp pull-out, IEC 60947-1' => [Gondrik\Core\Terminal\TerminalClass::Ferrule, '1.5 mm2', PullStandard::Iec60947],
    'screw clamps: clamp pull-out' => [Gondrik\Core\Terminal\TerminalClass::ScrewClamp, '14 AWG', PullStandard::Iec60947],
    'push-ins: clamp pull-out' => [Gondrik\Core\Terminal\TerminalClass::PushIn, '1.5 mm2', PullStandard::Iec60947],
    'no standard is about twist-ons' => [Gondrik\Core\Terminal\TerminalClass::TwistOn, '14 AWG', null],
    'nor about taps' => [Gondrik\Core\Terminal\TerminalClass::Tap, '14 AWG', null],
    'nor about ribbon' => [Gondrik\Core\Terminal\TerminalClass::Ribbon, '28 AWG', null],
    'nor about coaxial plugs' => [Gondrik\Core\Terminal\TerminalClass::Coax, '20 AWG', null],
    'nor about ignition leads' => [Gondrik\Core\Terminal\TerminalClass::Ignition, '18 AWG', null],
    'nor about solder cups' => [Gondrik\Core\Terminal\TerminalClass::SolderCup, '18 AWG', null],
    'nor about solder splices' => [Gondrik\Core\Terminal\TerminalClass::SolderSplice, '18 AWG', null],
]);
