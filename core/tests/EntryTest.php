<?php

declare(strict_types=1);

use Gondrik\Core\Entry\Alias;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Entry\Piece;
use Gondrik\Core\Entry\Proposal;
use Gondrik\Core\Entry\Question;
use Gondrik\Core\Entry\QuickEntry;
use Gondrik\Core\Output\EntryWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Workbook\WorkbookCodec;

function entryOf(string $text): QuickEntry
{
    return (new EntryReader(Catalogue::forEntries()->wires, Catalogue::forEntries()->terminals))->read($text);
}

it('reads', function (array $case): void {
    $entry = entryOf($case['entry']);
    $line = [];
    foreach ((new EntryWriter())->entry($entry, new HouseRules())['line'] ?? [] as $key => $value) {
        // In the table blanks part the keys.
        $line[] = $key . '=' . (is_bool($value) ? (int) $value : str_replace(' ', '_', (string) $value));
    }
    $wanted = $case['line'] === '' ? [] : explode(' ', $case['line']);
    $asked = array_map(static fn(Question $question): string => $question->about . ':' . implode(',', $question->candidates), $entry->questions);
    expect($line)->toEqualCanonicalizing($wanted)
        ->and(implode(' ', $asked))->toBe($case['asked'])
        ->and(implode(' ', array_map(static fn(Piece $piece): string => $piece->text, $entry->unknown)))->toBe($case['unknown'])
        ->and($entry->isWhole())->toBe($wanted !== [] && $case['asked'] === '' && $case['unknown'] === '');
})->with(CaseTable::of('entries', 'entry'));

it('has more than eighty cases', function (): void {
    expect(count(CaseTable::of('entries', 'entry')))->toBeGreaterThanOrEqual(80);
});

it('underlines each piece where it stands, counted in characters', function (array $case): void {
    $entry = entryOf($case['entry']);
    foreach ([...$entry->tokens, ...$entry->unknown] as $piece) {
        expect(mb_substr($case['entry'], $piece->from, $piece->to - $piece->from))->toBe($piece->text)->and($piece->text)->not->toBe('');
    }
    $ends = 0;
    foreach ($entry->tokens as $token) {
        expect($token->from)->toBeGreaterThanOrEqual($ends);
        $ends = $token->to;
    }
    foreach ($entry->questions as $question) {
        expect((new Sentence())->question($question))->toMatch('~[?.]$~');
    }
})->with(CaseTable::of('entries', 'entry'));

it('says what each piece was taken for', function (): void {
    $written = (new EntryWriter())->entry(entryOf('40 × 12 AWG stranded PVC → ring yellow M6, wet, 15 lbf·in'), new HouseRules());
    expect($written['tokens'])->toBe([
        ['from' => 0, 'to' => 2, 'text' => '40', 'means' => 'quantity'],
        ['from' => 5, 'to' => 24, 'text' => '12 AWG stranded PVC', 'means' => 'wire', 'id' => 'w12'],
        ['from' => 27, 'to' => 41, 'text' => 'ring yellow M6', 'means' => 'terminal', 'id' => 'ring'],
        ['from' => 43, 'to' => 46, 'text' => 'wet', 'means' => 'wet'],
        ['from' => 48, 'to' => 57, 'text' => '15 lbf·in', 'means' => 'torque'],
    ])->and($written)->not->toHaveKeys(['status', 'checks']);
});

it('offers both readings of what is open, and each leaves nothing open', function (string $text, string $asked, array $readings): void {
    $question = entryOf($text)->questions[0];
    expect((new Sentence())->question($question))->toBe($asked)->and($question->readings)->toBe($readings);
    foreach ($question->readings as $reading) {
        $written = mb_substr($text, 0, $question->from) . $reading . mb_substr($text, $question->to);
        expect(entryOf($written)->questions)->toBe([], $written);
    }
})->with([
    ['vehicle 4 mm → ring yellow M6', '4 mm: is it the outside diameter, or the area in mm²?', ['vehicle 4 mm²', 'vehicle ⌀ 4 mm']],
    ['22 signal → ring red', 'Is 22 the gauge, or how many?', ['22 AWG', '22 ×']],
    ['w12 → lug 6 mm, wet', '6 mm: is it the outside diameter, or the area in mm²?', ['lug 6 mm²']],
]);

it('never fails on anything that is typed', function (int $seed): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $pieces = ['40', '×', 'x', '12 AWG', '2/0', '1.5', '#10', 'M6', '→', '>', 'into', 'on', 'in', '+', ',', 'ring', 'yellow', 'wet', 'cold', '-5 °C', '15 lbf·in', '2 per barrel', 'lug', 'ferrules', 'H05V-K', '1,000', '9999999999', '½', 'ß', '"', '500 AWG', '…', '0'];
    foreach (range(1, 60) as $ignored) {
        $text = implode($random->getInt(0, 3) === 0 ? '' : ' ', array_map(static fn(int $n): string => $pieces[$n], array_map(static fn(): int => $random->getInt(0, count($pieces) - 1), range(1, $random->getInt(1, 12)))));
        $entry = entryOf($text);
        foreach ([...$entry->tokens, ...$entry->unknown] as $piece) {
            expect(mb_substr($text, $piece->from, $piece->to - $piece->from))->toBe($piece->text);
        }
        expect($entry->line === null && $entry->questions === [] && $entry->unknown === [])->toBeFalse($text);
    }
})->with([1, 2, 3, 4, 5]);

it('proposes what the catalogue lacks, of what was said of it and no more', function (array $case): void {
    $proposal = $case['about'] === 'wire' ? Proposal::ofWire($case['text']) : Proposal::ofTerminal($case['text']);
    $said = array_diff_key($proposal->says, ['name' => null]);
    expect(implode(' ', array_map(static fn(string $key, string|int $value): string => $key . '=' . $value, array_keys($said), $said)))->toBe($case['says'])
        ->and($proposal->says['name'])->toBe($case['text'])
        ->and(implode(' ', $proposal->missing))->toBe($case['missing'])
        ->and(implode(' ', $proposal->unknown))->toBe($case['unknown']);
})->with(CaseTable::of('proposals', 'text'));

it('says which of a proposal nobody said', function (): void {
    expect(Proposal::ofTerminal('ring blue M4')->assumed)->toBe(['class', 'size'])
        ->and(Proposal::ofTerminal('ins ring blue 16-14 AWG')->assumed)->toBe([])
        ->and(Proposal::ofTerminal('h/s butt red')->assumed)->toBe(['size'])
        ->and(Proposal::ofTerminal('ferrule 1.5 mm² black')->assumed)->toBe([]);
});

it('takes what the shop calls a thing, in an entry too', function (): void {
    $reader = new EntryReader(Catalogue::forEntries()->wires, Catalogue::forEntries()->terminals, [new Alias('wire', 'fat grey', 'w12'), new Alias('terminal', 'MR 6', 'ring')]);
    $entry = $reader->read('6 the fat grey → mr 6, wet');
    expect($entry->isWhole())->toBeTrue()->and($entry->line?->wire?->id)->toBe('w12')->and($entry->line?->terminal?->id)->toBe('ring');
});

it('never takes a bare terminal for a coloured one, nor a word that people say for none', function (string $said, ?string $terminal): void {
    $demo = (new WorkbookCodec())->read((string) file_get_contents(__DIR__ . '/../../database/demo/tarnholt-ropeway.json'));
    $terminals = array_values(array_filter($demo->terminals, static fn(Terminal $one): bool => in_array($one->id, ['bare-ring-m4', 'fork-blue-m5', 'push-blue', 'butt-blue'], true)));
    $entry = (new EntryReader($demo->wires, $terminals))->read('16 AWG hook-up → ' . $said);
    expect($entry->line?->terminal?->id)->toBe($terminal)->and($entry->unknown === [])->toBe($terminal !== null);
})->with([
    'a bare ring is not blue' => ['ring blue M4', null],
    'a ring without a colour is the bare one' => ['ring M4', 'bare-ring-m4'],
    'eye' => ['eye M4', 'bare-ring-m4'],
    'ring tongue' => ['ring tongue M4, bare', 'bare-ring-m4'],
    'spade' => ['spade blue M5', 'fork-blue-m5'],
    'fork tongue' => ['fork tongue M5', 'fork-blue-m5'],
    'quick connects' => ['quick connects blue', 'push-blue'],
    'slide-on' => ['slide-on', 'push-blue'],
    'butt connector' => ['butt connector', 'butt-blue'],
]);
