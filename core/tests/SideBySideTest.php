<?php

declare(strict_types=1);

use Gondrik\Bench\BenchWorkbook;
use Gondrik\Core\Coverage\LineOfTwo;
use Gondrik\Core\Coverage\SideBySide;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\Whose;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Ruler\BarOfTwo;
use Gondrik\Core\Ruler\DropOfTwo;
use Gondrik\Core\Ruler\Ruler;
use Gondrik\Core\Ruler\RulerDrop;
use Gondrik\Core\Ruler\RulerLane;
use Gondrik\Core\Ruler\RulerOfTwo;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Random\Engine\Mt19937;
use Random\Randomizer;

/* Two kits on one scope: whose is what. */

it('says which of two kits does a thing', function (string $one, string $other, string $whose): void {
    expect(Whose::of(Status::from($one), Status::from($other))->value)->toBe($whose);
})->with([
    'both properly' => ['covered', 'covered', 'both'],
    'both as a makeshift' => ['makeshift', 'makeshift', 'both'],
    'one properly, the other as a makeshift' => ['covered', 'makeshift', 'one-better'],
    'and the other way round' => ['makeshift', 'covered', 'other-better'],
    'one alone' => ['covered', 'hole', 'one'],
    'one alone, as a makeshift' => ['makeshift', 'hole', 'one'],
    'the other alone' => ['hole', 'covered', 'other'],
    'the other alone, as a makeshift' => ['hole', 'makeshift', 'other'],
    'a hole of both' => ['hole', 'hole', 'neither'],
    'a faulty line is nobody\'s' => ['faulty', 'faulty', 'neither'],
]);

/** The tools of the catalogue in two kits, against these lines. @param array<string, list<string>> $kits ids of tools, with + what they have twice */
function twoKits(array $kits, array $lines): SideBySide
{
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    foreach ($kits as $id => $tools) {
        $document->kits[] = (object) ['id' => $id, 'name' => $id, 'tools' => array_map(static fn(string $tool): stdClass => (object) ['tool' => $tool], $tools)];
    }
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => $lines]];
    $shop = (new WorkbookCodec())->read((string) json_encode($document));

    return sideBySide($shop);
}

function sideBySide(Workbook $shop): SideBySide
{
    return SideBySide::of(KitAsItStands::onPaper($shop->kits[0]), KitAsItStands::onPaper($shop->kits[1]), $shop->scopes[0], $shop->rulesFor($shop->scopes[0]));
}

$lineOf = static fn(string $id, string $wire, string $terminal, int $quantity, bool $midSpan = false): stdClass => (object) ['id' => $id, 'wire' => $wire, 'terminal' => $terminal, 'quantity' => $quantity, ...$midSpan ? ['midSpan' => true] : []];

it('sums lines and terminations by whose they are', function () use ($lineOf): void {
    $both = twoKits(
        ['bench' => ['cut-diagonal', 'self-adjusting', 'oval'], 'bag' => ['cut-diagonal', 'self-adjusting', 'square']],
        [$lineOf('ring', '16-stranded', 'ring-blue', 8), $lineOf('ferrule', '1.5-fine', 'ferrule-1.5', 30), $lineOf('cup', '22-stranded', 'cup', 5)],
    );
    expect(array_map(static fn(LineOfTwo $line): string => $line->line->id . ' ' . $line->whose->value, $both->lines))->toBe(['ring one', 'ferrule other', 'cup neither'])
        ->and($both->sums())->toBe([
            'both' => ['lines' => 0, 'terminations' => 0],
            'one' => ['lines' => 1, 'terminations' => 8],
            'other' => ['lines' => 1, 'terminations' => 30],
            'one-better' => ['lines' => 0, 'terminations' => 0],
            'other-better' => ['lines' => 0, 'terminations' => 0],
            'neither' => ['lines' => 1, 'terminations' => 5],
        ]);
});

it('marks on one ruler whose each lane and size is, and draws what looks alike in both once', function () use ($lineOf): void {
    $both = twoKits(
        ['bench' => ['cut-diagonal', 'self-adjusting', 'oval'], 'bag' => ['cut-diagonal', 'square']],
        [$lineOf('ring', '16-stranded', 'ring-blue', 8), $lineOf('ferrule', '1.5-fine', 'ferrule-1.5', 30)],
    );
    $ruler = RulerOfTwo::of($both);
    $bars = array_map(static fn(array $lane): array => array_map(static fn(BarOfTwo $of): string => $of->bar->tool->id . ' ' . $of->whose->value, $lane), $ruler->lanes);
    expect($bars)->toBe(['cut' => ['cut-diagonal both'], 'strip' => ['self-adjusting one'], 'insulated' => ['oval one'], 'ferrule' => ['square other']]);
    [$ring, $ferrule] = $ruler->drops;
    expect(array_map(static fn(array $of): array => array_column($of, 'value'), $ring->whose))->toBe(['cut' => ['both'], 'strip' => ['one'], 'insulated' => ['one']])
        ->and(array_map(static fn(array $of): array => array_column($of, 'value'), $ferrule->whose))->toBe(['cut' => ['both'], 'strip' => ['one'], 'ferrule' => ['other']])
        // Each step is done by one of them: there is no hole that both have.
        ->and([$ring->drop->status, $ferrule->drop->status])->toBe([Status::Covered, Status::Covered])
        ->and($ferrule->drop->marks)->toBe(['cut' => Status::Covered, 'strip' => Status::Covered, 'ferrule' => Status::Covered]);

    $written = (new RulerWriter())->ofTwo($ruler);
    expect($written['drops'][1]['whose'])->toEqual((object) ['cut' => ['both'], 'strip' => ['one'], 'ferrule' => ['other']])
        ->and(array_column($written['lanes'][3]['bars'], 'whose'))->toBe(['other'])
        ->and($written['lanes'][3]['name'])->toBe('ferrule');
});

it('tells at one size what differs from line to line', function () use ($lineOf): void {
    // Only one of them opens a wire in its middle; at its end both strip it.
    $both = twoKits(
        ['bench' => ['cut-diagonal', 'self-adjusting'], 'bag' => ['cut-diagonal', 'strip-mid']],
        [$lineOf('end', '16-stranded', 'ring-blue', 8), $lineOf('middle', '16-stranded', 'ring-blue', 2, midSpan: true)],
    );
    [$drop] = RulerOfTwo::of($both)->drops;
    expect(array_column($drop->whose['strip'], 'value'))->toBe(['both', 'other'])->and($drop->drop->marks['strip'])->toBe(Status::Covered)
        ->and(Ruler::of($both->one)->drops[0]->marks['strip'])->toBe(Status::Hole)
        ->and($drop->whose['insulated'])->toBe([Whose::Neither])->and($drop->drop->marks['insulated'])->toBe(Status::Hole);
});

it('keeps the two ends of a splice apart, each at its size', function (): void {
    $splice = (object) ['id' => 'splice', 'wire' => '16-stranded', 'wireB' => '14-stranded', 'terminal' => 'butt-blue', 'quantity' => 4];
    $both = twoKits(['bench' => ['cut-diagonal', 'notch-16-only'], 'bag' => ['cut-diagonal', 'notch-14-only']], [$splice]);
    $strip = array_map(static fn(DropOfTwo $of): array => [$of->drop->size->written, array_column($of->whose['strip'], 'value'), $of->drop->marks['strip']->value], RulerOfTwo::of($both)->drops);
    // A notch that is one too large is a makeshift, one too small cuts strands.
    expect($strip)->toBe([['16 AWG', ['one-better'], 'covered'], ['14 AWG', ['other'], 'covered']])
        // Neither makes the splice as a whole.
        ->and($both->lines[0]->whose)->toBe(Whose::Neither);
});

it('draws a model twice that lacks in one kit what it requires', function () use ($lineOf): void {
    $both = twoKits(
        ['bench' => ['cut-frame', 'blade'], 'bag' => ['cut-frame']],
        [$lineOf('ring', '16-stranded', 'ring-blue', 8)],
    );
    $cut = array_map(static fn(BarOfTwo $of): array => [$of->bar->tool->id, $of->whose->value, $of->bar->misses !== []], RulerOfTwo::of($both)->lanes['cut']);
    expect($cut)->toContain(['cut-frame', 'one', false], ['cut-frame', 'other', true]);
});

it('is the same both ways round, and beside itself a kit has nothing alone', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $document = BenchWorkbook::of(30, 40);
    $tools = $document->kits[0]->tools;
    $document->kits = array_map(static fn(string $id): stdClass => (object) ['id' => $id, 'name' => $id, 'tools' => array_values(array_map(static fn(int $at): stdClass => $tools[$at], $random->pickArrayKeys($tools, 12)))], ['one', 'other']);
    $shop = (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
    $turned = ['one' => 'other', 'other' => 'one', 'one-better' => 'other-better', 'other-better' => 'one-better', 'both' => 'both', 'neither' => 'neither'];
    $there = sideBySide($shop);
    $back = sideBySide($shop->withKits(array_reverse($shop->kits)));
    $whose = static fn(SideBySide $both): array => array_map(static fn(LineOfTwo $line): string => $line->whose->value, $both->lines);
    expect($whose($back))->toBe(array_map(static fn(string $of): string => $turned[$of], $whose($there)))
        ->and(array_intersect($whose($there), ['one', 'other']))->not->toBe([]);

    // On the ruler a mark is a hole exactly where a step of neither stands, and loud exactly where a step is of one alone.
    foreach (RulerOfTwo::of($there)->drops as $drop) {
        foreach ($drop->whose as $lane => $of) {
            expect(in_array(Whose::Neither, $of, true))->toBe($drop->drop->marks[$lane] === Status::Hole);
        }
    }
    $sums = sideBySide($shop->withKits([$shop->kits[0], $shop->kits[0]]))->sums();
    expect([$sums['one'], $sums['other'], $sums['one-better'], $sums['other-better']])->toBe(array_fill(0, 4, ['lines' => 0, 'terminations' => 0]));
    $same = RulerOfTwo::of(sideBySide($shop->withKits([$shop->kits[0], $shop->kits[0]])));
    $alone = Ruler::of($there->one);
    expect(array_map(count(...), array_values($same->lanes)))->toBe(array_map(static fn(RulerLane $lane): int => count($lane->bars), $alone->lanes))
        ->and(array_map(static fn(DropOfTwo $of): array => [$of->drop->status, $of->drop->marks], $same->drops))->toBe(array_map(static fn(RulerDrop $of): array => [$of->status, $of->marks], $alone->drops));
})->with([1, 2, 3, 4]);
