<?php

declare(strict_types=1);

/*
 * The built-in catalogue against sources outside: building wire by NEC chapter 9 tables 5 and 8, ferrules by DIN 46228-4 (all
 * from memory), bands, studs and round contacts (common practice), walls of insulation by GNU units.
 */

use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Wire;

it('has building wire with the diameter of the handbook (NEC chapter 9 table 5, from memory)', function (): void {
    $wires = array_column(BuiltIn::read()->workbook->wires, null, 'id');
    $checked = 0;
    foreach (Table::rows('insulated-od') as $row) {
        $id = ($row['type'] === 'THHN' ? 'thhn-' : 'xhhw-') . str_replace('/', '-', $row['awg']);
        if (isset($wires[$id])) {
            expect($wires[$id]->insulationOd)->toEqualWithDelta((float) $row['outside_diameter_in'] * 25.4, 0.006, $id)
                ->and($wires[$id]->size->written)->toBe($row['awg'] . ' AWG');
            $checked++;
        }
    }
    expect($checked)->toBe(15);
});

it('has building wire of so many strands (NEC chapter 9 table 8, from memory)', function (): void {
    $wires = array_column(BuiltIn::read()->workbook->wires, null, 'id');
    foreach (Table::rows('conductor') as $row) {
        $wire = $wires['thhn-' . str_replace('/', '-', $row['awg'])] ?? null;
        if ($wire !== null && $row['strands'] !== '1') {
            expect($wire->strands)->toBe((int) $row['strands'], $wire->id);
        }
    }
});

it('leaves every wire a wall that a tool can cut into and no thicker than its conductor and four millimetres', function (): void {
    foreach (BuiltIn::read()->workbook->wires as $wire) {
        assert($wire instanceof Wire && $wire->insulationOd !== null);
        $wall = ($wire->insulationOd - $wire->conductorDiameter) / 2;
        expect($wall)->toBeGreaterThan(0.12, $wire->id)->toBeLessThan(4.0, $wire->id);
    }
});

it('has ferrules with a strip length from the sleeve on (DIN 46228-4, from memory)', function (): void {
    $rows = array_column(array_map(static fn(array $row): array => [...$row, 'mm2' => (string) (float) $row['mm2']], Table::rows('ferrules')), null, 'mm2');
    $checked = 0;
    foreach (BuiltIn::read()->workbook->terminals as $terminal) {
        if ($terminal->class === TerminalClass::Ferrule) {
            $size = (string) (float) $terminal->size->written;
            preg_match('~, (\d+) mm$~', $terminal->name, $sleeve);
            expect(explode(';', $rows[$size]['sleeve_lengths_mm']))->toContain($sleeve[1])
                ->and($terminal->strip?->aim())->toBeGreaterThanOrEqual((float) $sleeve[1]);
            $checked++;
        }
    }
    expect($checked)->toBe(10);
});

it('has insulated terminals and the nests of their crimpers by their bands (common practice)', function (): void {
    $bands = array_column(Table::rows('colour-bands'), null, 'band');
    $all = BuiltIn::read()->workbook;
    foreach ($all->terminals as $terminal) {
        if (in_array($terminal->class, [TerminalClass::Insulated, TerminalClass::HeatShrink], true)) {
            expect($terminal->size->written)->toBe($bands[$terminal->nest]['awg'] . ' AWG / ' . $bands[$terminal->nest]['mm2'] . ' mm2', $terminal->id);
        }
    }
    foreach ($all->tools as $tool) {
        foreach ($tool->capabilities as $capability) {
            foreach ($capability instanceof Crimp ? $capability->nests : [] as $nest) {
                if (isset($bands[$nest->code])) {
                    expect($nest->size?->written)->toBe($bands[$nest->code]['awg'] . ' AWG / ' . $bands[$nest->code]['mm2'] . ' mm2', $tool->id);
                }
            }
        }
    }
});

it('has round contacts by their sizes (common practice)', function (): void {
    $ranges = array_column(Table::rows('contact-sizes'), 'awg', 'contact_size');
    foreach (array_filter(BuiltIn::read()->workbook->terminals, static fn(Terminal $terminal): bool => $terminal->class === TerminalClass::SolidContact) as $contact) {
        expect($contact->size->written)->toBe($ranges[str_replace('size ', '', (string) $contact->nest)] . ' AWG', $contact->id);
    }
});

it('has studs that the table of holes knows (common practice)', function (): void {
    foreach (BuiltIn::read()->workbook->terminals as $terminal) {
        if ($terminal->stud !== null) {
            $known = array_filter(Table::rows('stud-holes'), static fn(array $row): bool => Stud::read($row['inch'])->suits($terminal->stud) || Stud::read($row['metric'])->suits($terminal->stud));
            expect($known)->not->toBe([], $terminal->id);
        }
    }
});

it('has hook-up wire with a wall of 0.8 mm over the bundle (GNU units for the gauge)', function (string $id, int $gauge): void {
    $wire = array_column(BuiltIn::read()->workbook->wires, null, 'id')[$id];
    exec('units -t ' . escapeshellarg('wiregauge(' . $gauge . ')') . ' mm 2>&1', $output, $status);
    expect($status)->toBe(0)
        ->and($wire->construction)->toBe(Construction::Stranded)
        ->and($wire->insulationOd)->toEqualWithDelta(1.134 * (float) $output[0] + 1.6, 0.006);
})->with([['hook-up-22', 22], ['hook-up-20', 20], ['hook-up-18', 18], ['hook-up-16', 16]]);
