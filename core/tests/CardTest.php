<?php

declare(strict_types=1);

/*
 * Set-up cards: every class and operation against rows that a practitioner can read, and cards of made-up shops against Cover.
 */

use Gondrik\Core\Bench\Asked;
use Gondrik\Core\Bench\Calculation;
use Gondrik\Core\Bench\Calculator;
use Gondrik\Core\Card\Reckoning;
use Gondrik\Core\Card\SetUpCard;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Output\CardWriter;
use Gondrik\Core\Output\FigureWriter;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/** @return array<string, mixed> */
function cardOf(string $kit, string $scope, string $line): array
{
    [$report, $cover] = coverOf($kit, $scope, $line);

    return (new CardWriter())->card(SetUpCard::of($report, $cover));
}

/** @return array{Report, LineCover} */
function coverOf(string $kit, string $scope, string $line): array
{
    $workbook = (new WorkbookCodec())->read((string) file_get_contents(__DIR__ . '/cases/card-shop.json'));
    $of = $workbook->scope($scope);
    $report = Coverage::onPaper($workbook->kit($kit), $of, $workbook->rulesFor($of));
    foreach ($report->lines as $cover) {
        if ($cover->line->id === $line) {
            return [$report, $cover];
        }
    }
    throw new LogicException('no line ' . $line);
}

/** @return array<string, mixed> as the page and the printer have it */
function explainedCard(string $kit, string $scope, string $line): array
{
    [$report, $cover] = coverOf($kit, $scope, $line);

    return (new CardWriter())->explained(SetUpCard::of($report, $cover));
}

/** A figure as the table of cases writes it: to three digits, "-" for none. */
function figured(array $figure): string
{
    $value = $figure['value'];

    return match (true) {
        $value === null => '-',
        is_bool($value) => $value ? 'yes' : 'no',
        is_float($value) => (string) round($value, 2),
        default => (string) $value,
    };
}

/** @return array<string, string> a card as the table of cases writes it */
function asCase(array $card): array
{
    $settings = [];
    foreach ($card['steps'] as $step) {
        foreach ((array) $step['settings'] as $name => $figure) {
            // What a caliper should say of a wire stands in the catalogue.
            if (!in_array($name, ['conductor', 'insulationOd', 'sheathOd'], true)) {
                $settings[] = $step['op'] . '.' . $name . ($figure === true ? '' : '=' . figured($figure));
            }
        }
    }
    $mark = static fn(array $step): string => $step['op'] . match ($step['status']) {
        'makeshift' => '~',
        'hole' => '!',
        default => '',
    };
    $sleeve = $card['sleeve'];

    return [
        'status' => $card['status'],
        'steps' => implode(' ', array_map($mark, $card['steps'])),
        'settings' => implode(' ', $settings),
        'pull' => $card['pull'] === null ? '' : figured($card['pull']['force']) . ' N ' . $card['pull']['standard']['value'] . ' ' . ($card['pull']['row']['value'] ?? '-'),
        'sleeve' => $sleeve === null ? '' : ($sleeve['name']['value'] ?? 'none, ' . (isset($sleeve['neededRatio']) ? figured($sleeve['neededRatio']) : '-')) . ', ' . figured($sleeve['cutLength']),
        'cautions' => implode(' ', $card['cautions']),
    ];
}

it('makes the card of', function (array $case): void {
    $card = cardOf($case['kit'], $case['scope'], $case['line']);
    expect(asCase($card))->toBe(array_intersect_key($case, asCase($card)));
})->with(CaseTable::of('cards', 'line', 'scope', 'kit'));

it('tells the least pull on both scales, and of the latch where no step of the housing does', function (): void {
    $texts = static fn(array $card): string => implode(' ', array_column($card['steps'], 'text'));
    expect($texts(cardOf('all', 'all', 'insulated')))->toContain('It must hold 89 N (20 lbf) for 60 s by UL 486A-486B.')
        ->and($texts(cardOf('all', 'all', 'sealed-housing')))->toContain('It must hold 90 N (20.2 lbf) by IEC 60352-2.')
        ->and(substr_count($texts(cardOf('all', 'all', 'sealed-housing')), 'until it latches'))->toBe(1)
        ->and(substr_count($texts(cardOf('all', 'all', 'housed')), 'until it latches'))->toBe(1)
        ->and($texts(cardOf('all', 'all', 'open-barrel')))->not->toContain('latches');
});

it('says how many samples of a batch are pulled, and which', function (int $quantity, string $plan, string $says): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/card-shop.json'));
    foreach ($document->scopes as $scope) {
        $scope->houseRules = (object) [...(array) ($scope->houseRules ?? []), 'pullTest' => 'sample', ...$plan === '' ? [] : ['samplePlan' => $plan]];
        foreach ($scope->lines as $line) {
            $line->quantity = $quantity;
        }
    }
    $workbook = (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
    $report = Coverage::onPaper($workbook->kit('all'), $workbook->scope('all'), $workbook->rulesFor($workbook->scope('all')));
    $cover = array_values(array_filter($report->lines, static fn(LineCover $one): bool => $one->line->id === 'insulated'))[0];
    $texts = implode(' ', array_column((new CardWriter())->explained(SetUpCard::of($report, $cover))['steps'], 'text'));
    expect($texts)->toContain($says);
})->with([
    'three are all of them' => [3, '', 'Pull samples to 89 N (20 lbf) on the puller, held for 60 s.'],
    'of four and more' => [4, '', 'Pull samples, the first, the middle and the last of 4, to 89 N (20 lbf) on the puller'],
    'by the table' => [40, 'lot-size', 'Pull samples, 3 of 40 by the table of batch sizes, to 89 N (20 lbf) on the puller, held for 60 s.'],
]);

// Cards as somebody reads them, from top to bottom. GONDRIK_WRITE=1 writes them anew: read them aloud before they are committed.
it('reads from top to bottom as the golden cards do', function (): void {
    $cases = array_map(static fn(array $case): array => $case[0], array_values(CaseTable::of('cards', 'line', 'scope', 'kit')));
    $told = implode("\n", array_map(static fn(array $case): string => asRead(explainedCard($case['kit'], $case['scope'], $case['line'])), $cases));
    $golden = __DIR__ . '/golden/cards.txt';
    if (getenv('GONDRIK_WRITE') === '1') {
        file_put_contents($golden, $told);
    }
    expect($told)->toBe((string) file_get_contents($golden));
});

/** @param array<string, mixed> $card as it is explained */
function asRead(array $card): string
{
    $lines = ['== ' . implode(' + ', $card['wires']) . ' → ' . ($card['terminal'] ?? 'screw') . ' (' . $card['kit'] . ', ' . $card['scope'] . '/' . $card['line'] . '): ' . $card['status']];
    $lines = [...$lines, ...array_map(static fn(array $check): string => '! ' . $check['text'], $card['checks']), 'mind: ' . implode(' ', $card['cautions'])];
    $hasLooked = false;
    foreach ($card['steps'] as $number => $step) {
        $tool = $step['tool'] === null ? '' : ' [' . ((array) $card['tools'])[$step['tool']] . ($step['position'] === null ? '' : ' ' . $step['position']) . ']';
        $lines[] = ($number + 1) . ' ' . $step['name'] . ($step['of'] === null ? '' : ', ' . $step['of']) . $tool . ($step['status'] === null || $step['status'] === 'covered' ? '' : ' ' . $step['status']) . ': ' . $step['text'];
        if ($step['op'] === 'look' && !$hasLooked) {
            $hasLooked = true;
            foreach (['good' => '  + ', 'bad' => '  - '] as $side => $mark) {
                $lines = [...$lines, ...array_map(static fn(string $code): string => $mark . ((array) $card['lookTexts'])[$code], $card['look'][$side])];
            }
        }
    }
    return implode("\n", $lines) . "\n";
}

it('looks and pulls while the crimp can still be seen, and before anything is under a housing or a nut', function (array $case): void {
    $ops = array_column(cardOf($case['kit'], $case['scope'], $case['line'])['steps'], 'op');
    foreach (['look', 'tug', 'pull-test'] as $eye) {
        foreach (['sleeve', 'extract', 'fasten'] as $cover) {
            if (in_array($eye, $ops, true) && in_array($cover, $ops, true) && !str_starts_with($case['line'], 'ferrule')) {
                expect(max(array_keys($ops, $eye, true)))->toBeLessThan(min(array_keys($ops, $cover, true)), $eye . ' before ' . $cover);
            }
        }
    }
    expect($ops === [] ? $case['status'] : end($ops))->toBe($ops === [] ? 'faulty' : 'clean-up');
})->with(CaseTable::of('cards', 'line', 'scope', 'kit'));

it('asks for its own figures again, and comes to the same', function (array $case): void {
    $workbook = (new WorkbookCodec())->read((string) file_get_contents(__DIR__ . '/cases/card-shop.json'));
    $of = $workbook->scope($case['scope']);
    $report = Coverage::onPaper($workbook->kit($case['kit']), $of, $workbook->rulesFor($of));
    foreach ($report->lines as $cover) {
        $card = SetUpCard::of($report, $cover);
        foreach (Reckoning::of($cover->line, $report->rules) as $what => $asked) {
            $answer = (new FigureWriter())->answer((new Calculator())->answer(Calculation::from($what), new Asked($asked)));
            $own = match ($what) {
                'pull' => $card->pull,
                'sleeve' => $card->sleeve,
                default => null,
            };
            if ($own !== null) {
                $values = static fn(array $figures): array => array_map(static fn(array $figure): mixed => $figure['value'], $figures);
                $told = $values((new FigureWriter())->answer($own));
                expect($values($answer))->toBe(array_intersect_key($told, $answer));
            }
        }
    }
})->with([[['scope' => 'all', 'kit' => 'all']], [['scope' => 'every', 'kit' => 'all']]]);

it('tells every code in a sentence, and none twice', function (string $table): void {
    $codes = array_column(Table::rows($table), 'text', 'code');
    expect($codes)->toHaveCount(count(Table::rows($table)));
    foreach ($codes as $code => $text) {
        expect(trim($text))->not->toBe('', $code);
    }
})->with(['instructions', 'notes', 'look', 'cautions']);

it('has a sentence for every code, and no sentence without one', function (string $enum, string $table, string $column): void {
    expect(array_column(Table::rows($table), $column))->toEqualCanonicalizing(array_column($enum::cases(), 'value'));
})->with([
    [Gondrik\Core\Card\InstructionCode::class, 'instructions', 'code'],
    [Gondrik\Core\Bench\NoteCode::class, 'notes', 'code'],
    [Gondrik\Core\Bench\Formula::class, 'formulas', 'code'],
    [Gondrik\Core\Card\Trigger::class, 'cautions', 'trigger'],
]);

it('has a look list for every class that is held by something', function (Gondrik\Core\Terminal\TerminalClass $class): void {
    $list = Gondrik\Core\Card\LookList::of($class);
    expect($list->good)->not->toBe([])->and($list->bad)->not->toBe([]);
})->with(Gondrik\Core\Terminal\TerminalClass::cases());

it('says of each line what Cover says of it, and nothing of its own', function (int $seed): void {
    $workbook = (new WorkbookCodec())->readStored(GeneratedWorkbook::of($seed, 14, 30));
    foreach ($workbook->scopes as $scope) {
        $report = Coverage::onPaper($workbook->kits[0], $scope, $workbook->rulesFor($scope));
        agrees($report);
    }
})->with(range(1, 12));

function agrees(Report $report): void
{
    $told = (new ReportWriter())->report($report);
    foreach ($report->lines as $number => $cover) {
        $card = SetUpCard::of($report, $cover);
        $written = (new CardWriter())->card($card);
        $line = $told['lines'][$number];
        $tooled = array_values(array_filter($written['steps'], static fn(array $step): bool => $step['status'] !== null));
        $key = static fn(array $step): array => array_intersect_key($step, ['op' => 1, 'wire' => 1, 'status' => 1, 'tool' => 1, 'position' => 1]);
        expect($written['status'])->toBe($line['status'])
            ->and($written['checks'])->toBe($line['checks'])
            ->and(array_map($key, $tooled))->toEqualCanonicalizing(array_map($key, $line['steps']))
            ->and($card->isComplete())->toBe(in_array($cover->status, [Status::Covered, Status::Makeshift], true));
        if ($cover->status === Status::Faulty) {
            expect($written['steps'])->toBe([]);
            continue;
        }
        foreach ($written['steps'] as $step) {
            // A hole says so in its place, a makeshift step says why.
            expect(str_contains($step['text'], 'No tool of this kit does it.'))->toBe($step['status'] === 'hole')
                ->and($step['text'])->not->toContain('{');
        }
        expect($written['steps'][count($written['steps']) - 1]['op'])->toBe('clean-up');
    }
}
