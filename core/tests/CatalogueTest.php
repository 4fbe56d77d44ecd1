<?php

declare(strict_types=1);

use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Catalogue\Diameter;
use Gondrik\Core\Catalogue\Diameters;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Scope\Joint;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\Torque;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Trial\Trial;
use Gondrik\Core\Trial\Tried;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\WorkbookList;

const RECALLS = ['formula', 'memory', 'common-practice', 'stated'];

it('has some sixty wires, seventy terminals and sixty tools, each with sources', function (): void {
    $builtIn = BuiltIn::read();
    expect(count($builtIn->workbook->wires))->toBeGreaterThanOrEqual(60)
        ->and(count($builtIn->workbook->terminals))->toBeGreaterThanOrEqual(70)
        ->and(count($builtIn->workbook->tools))->toBeGreaterThanOrEqual(60);
    foreach (BuiltIn::LISTS as $list) {
        foreach ($builtIn->things($list) as $thing) {
            expect($thing->sources)->toHaveKey('', message: $thing->thing->id);
            foreach ($thing->sources as $path => $source) {
                expect($source->recall)->toBeIn(RECALLS)->and($source->source)->not->toBe('');
            }
        }
    }
});

it('says of every measured value where it comes from, and never only that it is what it is', function (): void {
    foreach (['insulationOd', 'strip', 'barrel', 'seal', 'massGrams', 'gripForce', 'handSpan', 'capabilities'] as $path) {
        foreach (BuiltIn::LISTS as $list) {
            foreach (BuiltIn::read()->things($list) as $thing) {
                $value = match ($path) {
                    'massGrams', 'gripForce', 'handSpan' => $thing->thing->handling->{$path} ?? null,
                    default => $thing->thing->{$path} ?? null,
                };
                if ($value !== null && $value !== []) {
                    expect($thing->sourceOf($path)->recall)->not->toBe('stated', $thing->thing->id . ' ' . $path);
                }
            }
        }
    }
});

it('finds the source of a value at its path, or at the nearest above it', function (): void {
    $tools = array_column(array_map(static fn(object $thing): array => ['id' => $thing->thing->id, 'thing' => $thing], BuiltIn::read()->things(WorkbookList::Tools)), 'thing', 'id');
    expect($tools['oval-ratchet']->sourceOf('capabilities/0/nests/2/size')->source)->toBe('Colour bands of insulated terminals')
        ->and($tools['oval-ratchet']->sourceOf('capabilities/0/profile')->recall)->toBe('common-practice')
        ->and($tools['oval-ratchet']->sourceOf('kind')->recall)->toBe('stated');
});

it('names no price: what things cost is for each shop to say', function (): void {
    foreach (BuiltIn::read()->workbook->tools as $tool) {
        expect($tool->cost->price)->toBeNull($tool->id);
    }
    foreach (BuiltIn::read()->workbook->terminals as $terminal) {
        expect($terminal->price)->toBeNull($terminal->id);
    }
});

it('has for every wire a tool that cuts it, one that strips it, and for a cable one that takes its sheath off, all properly', function (): void {
    $all = BuiltIn::read()->workbook;
    foreach ($all->wires as $wire) {
        $proper = array_filter((new Trial(new HouseRules()))->ofWire($wire, $all->tools), static fn(Tried $one): bool => $one->match->fit() === Fit::Proper);
        $operations = array_unique(array_map(static fn(Tried $one): string => $one->operation->value, $proper));
        expect($operations)->toEqualCanonicalizing(['cut', 'strip', ...$wire->sheath === null ? [] : ['strip-sheath']], $wire->id);
    }
});

it('gives a wire the diameters of its own size, and not those of the next family', function (): void {
    $of = static fn(string $size): array => array_map(static fn(Diameter $one): string => $one->of, Diameters::outside(new Wire('w', 'w', Size::parse($size), Construction::Stranded, Material::Pvc)));
    // 2 AWG is 33.6 mm², four hundredths less: near enough for a die, too far for a diameter.
    expect(implode(' | ', $of('35 mm2')))->toContain('35 mm²')->not->toContain('AWG')
        // Two tables half a tenth of a millimetre apart are two diameters.
        ->and($of('2 AWG'))->toBe(['THHN, 2 AWG', 'XHHW-2, 2 AWG']);
});

it('has for every terminal a wire that goes in and tools that make it from beginning to end', function (): void {
    $all = BuiltIn::read()->workbook;
    $kit = new Kit('all', 'All', array_map(static fn(object $tool): KitEntry => new KitEntry($tool), $all->tools), travels: false);
    // Taps are many shops' ban: here they may be made.
    $rules = new HouseRules(taps: Stance::Accept, solderSplices: Stance::Accept);
    foreach ($all->terminals as $terminal) {
        $statuses = [];
        foreach ($all->wires as $wire) {
            $line = new Line('l', $wire, $terminal, joint: new Joint(wiresInBarrel: $terminal->leastWires(), housing: true), torque: $terminal->class === TerminalClass::ScrewClamp ? Torque::of(0.5) : null);
            $statuses[] = Coverage::onPaper($kit, new Scope('s', 'S', [$line]), $rules)->lines[0]->status;
        }
        $made = array_filter($statuses, static fn(Status $status): bool => $status !== Status::Faulty);
        expect($made)->not->toBe([], $terminal->id . ': no wire goes in')
            ->and($made)->not->toContain(Status::Hole)
            ->and($made)->toContain(Status::Covered);
    }
});

it('has every class of terminal and every operation', function (): void {
    $all = BuiltIn::read()->workbook;
    $without = [TerminalClass::SolderSplice, TerminalClass::Ignition];
    expect(array_unique(array_map(static fn(Terminal $terminal): string => $terminal->class->value, $all->terminals)))
        ->toEqualCanonicalizing(array_values(array_map(static fn(TerminalClass $class): string => $class->value, array_filter(TerminalClass::cases(), static fn(TerminalClass $class): bool => !in_array($class, $without, true)))))
        ->and(array_unique(array_merge(...array_map(static fn(object $tool): array => $tool->operations(), $all->tools))))->toEqualCanonicalizing(array_column(Operation::cases(), 'value'));
});

it('gives diameters by table, and tells a table’s figure from a measured one', function (?float $od, ?string $of): void {
    $wire = new Wire('w', 'W', Size::parse('12 AWG'), Construction::Stranded, Material::Xlpe, strands: 7, insulationOd: $od);
    expect(Diameters::sourceOf($wire)?->of)->toBe($of);
})->with([[3.3, 'THHN, 12 AWG'], [3.86, 'XHHW-2, 12 AWG'], [3.7, null], [null, null]]);

it('gives the conductor by formula', function (): void {
    $of = static fn(Construction $construction, ?int $strands): float => round(Diameters::conductor(new Wire('w', 'W', Size::parse('12 AWG'), $construction, Material::Pvc, strands: $strands))->mm, 2);
    expect($of(Construction::Solid, null))->toBe(2.05)->and($of(Construction::Stranded, 7))->toBe(2.33)->and($of(Construction::Fine, null))->toBe(2.37);
});
