<?php

declare(strict_types=1);

/*
 * What is told by names alone is read the same against all that is known and against those things only whose names stand in it.
 */

use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Entry\Alias;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Entry\Name;
use Gondrik\Core\Entry\QuickEntry;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\WorkbookCodec;

/** @return array{QuickEntry, QuickEntry} against everything, and against what is named */
function readBothWays(string $text): array
{
    $all = Catalogue::forEntries();
    $aliases = [new Alias('wire', 'fat grey', 'w12'), new Alias('terminal', 'mr 6', 'ring')];
    $names = Name::in($text);
    $said = array_values(array_filter($aliases, static fn(Alias $alias): bool => in_array($alias->words, $names, true)));
    $isNamed = static fn(Wire|Terminal $thing): bool => in_array(Name::plain($thing->name), $names, true) || in_array(mb_strtolower($thing->id), $names, true)
        || in_array($thing->id, array_map(static fn(Alias $alias): string => $alias->id, $said), true);

    return [
        (new EntryReader($all->wires, $all->terminals, $aliases))->read($text),
        (new EntryReader(array_values(array_filter($all->wires, $isNamed)), array_values(array_filter($all->terminals, $isNamed)), $said))->read($text),
    ];
}

it('reads any two names as they are read against everything', function (string $pattern): void {
    $all = Catalogue::forEntries();
    $byName = 0;
    foreach ($all->wires as $at => $wire) {
        foreach (array_slice($all->terminals, $at % 5, 12) as $terminal) {
            foreach ([[$wire->id, $terminal->id], [$wire->name, $terminal->name], [mb_strtoupper($wire->name), $terminal->id]] as [$one, $other]) {
                $text = str_replace(['WIRE', 'TERMINAL'], [$one, $other], $pattern);
                [$whole, $named] = readBothWays($text);
                if ($named->isByName) {
                    $byName++;
                    expect($named)->toEqual($whole, $text);
                }
            }
        }
    }
    expect($byName)->toBeGreaterThan(100);
})->with(['14 × WIRE → TERMINAL', 'WIRE into TERMINAL, wet, no mains', '3 x WIRE -> TERMINAL, 2.5 N·m, -5 °C', 'TERMINAL on WIRE']);

it('reads a cell that is a name as it is read against everything, with only those at hand that are called so', function (): void {
    $all = Catalogue::forEntries();
    $whole = new EntryReader($all->wires, $all->terminals);
    $byName = 0;
    foreach (['wire' => $all->wires, 'terminal' => $all->terminals] as $about => $things) {
        foreach ($things as $thing) {
            foreach ([$thing->id, $thing->name, mb_strtoupper($thing->name), $thing->name . ', wet', 'the ' . $thing->name] as $text) {
                $isCalledSo = static fn(Wire|Terminal $one): bool => in_array(Name::plain($text), [Name::plain($one->name), mb_strtolower($one->id)], true);
                $named = (new EntryReader(array_values(array_filter($all->wires, $isCalledSo)), array_values(array_filter($all->terminals, $isCalledSo))))->end($about, $text);
                if ($named->isByName) {
                    $byName++;
                    expect($named)->toEqual($whole->end($about, $text), $text);
                }
            }
        }
    }
    expect($byName)->toBeGreaterThan(2 * (count($all->wires) + count($all->terminals)));
});

it('rests on all that is known where names do not tell it all', function (string $text): void {
    [$whole, $named] = readBothWays($text);
    expect([$whole->isByName, $named->isByName])->toBe([false, false]);
})->with([
    'a description' => '14 × 12 AWG stranded → ring yellow M6',
    'a stud beside a name, which may tell which ring' => '14 × w12 → ring M6',
    'tinned beside a name, which may be the wire or what is done to it' => 'w12 tinned → ring',
    'a number behind a name, which may be its size or how many' => 'w12 → ring 6',
    'a stud that the one named has not, and another may' => '14 × w12 → ring M12',
    'a number that is none of its sizes, and of another may be' => 'w12 → ring 40',
    'half a name' => 'w1 → ring',
    'nothing' => '',
]);

it('knows a wire by what the shop calls it, too', function (): void {
    [$whole, $named] = readBothWays('2 × fat grey → MR 6');
    expect($named->isByName)->toBeTrue()->and($named)->toEqual($whole)->and($named->line?->wire?->id)->toBe('w12');
});

it('reads every wire and terminal of the demo and of the shelf by its own full name', function (string $pattern): void {
    $demo = (new WorkbookCodec())->read((string) file_get_contents(__DIR__ . '/../../database/demo/tarnholt-ropeway.json'));
    foreach ([$demo, BuiltIn::read()->workbook] as $known) {
        $reader = new EntryReader($known->wires, $known->terminals);
        $most = max(count($known->wires), count($known->terminals));
        for ($at = 0; $at < $most; $at++) {
            $wire = $known->wires[$at % count($known->wires)];
            $terminal = $known->terminals[$at % count($known->terminals)];
            $text = str_replace(['WIRE', 'TERMINAL'], [$wire->name, $terminal->name], $pattern);
            $entry = $reader->read($text);
            expect([$entry->line?->quantity, $entry->line?->wire?->id, $entry->line?->terminal?->id, $entry->unknown])->toBe([14, $wire->id, $terminal->id, []], $text);
        }
    }
})->with(['14 × WIRE → TERMINAL', '14 WIRE into TERMINAL, wet', '14 × TERMINAL on WIRE']);

it('finds every name in a text', function (string $text, string $name): void {
    expect(Name::in($text))->toContain($name);
})->with([
    'with commas' => ['14 × hookup-12 → Ring, yellow, M6, wet', 'ring, yellow, m6'],
    'with a number and a times sign' => ['20 × 3 × 1.5 mm² heating cable → ferrule', '3 x 1.5 mm2 heating cable'],
    'an id' => ['14 × hookup-12 → x', 'hookup-12'],
]);

it('looks at no stretch of what is very long', function (): void {
    expect(Name::in(str_repeat('a ', 60)))->toBe([]);
});
