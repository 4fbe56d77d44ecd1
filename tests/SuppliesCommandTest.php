<?php

declare(strict_types=1);

/* gondrik supplies and gondrik labour: the members that are laid down, the exits, and what is refused. */

const SHELF = __DIR__ . '/../database/demo/tarnholt-ropeway.json';

/** @param array<string, mixed> $more of the demo's workbook in place of its own */
function shelfFile(array $more): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'gondrik');
    file_put_contents($file, json_encode([...(array) json_decode((string) file_get_contents(SHELF)), ...$more], JSON_THROW_ON_ERROR));

    return $file;
}

it('tells in JSON what is short and what to buy', function (): void {
    $said = gondrik(['supplies', SHELF, '--on', '2026-12-01', '--format', 'json']);
    $told = json_decode($said->getOutput(), true);
    expect([$said->getExitCode(), $said->getErrorOutput()])->toBe([1, ''])
        ->and(array_keys($told))->toBe(['on', 'items', 'boxes', 'cost', 'left', 'sizes', 'unsized'])
        ->and($told['on'])->toBe('2026-12-01')
        ->and(array_column($told['items'], null, 'stock')['ferrule-1.5'])->toBe([
            'stock' => 'ferrule-1.5', 'item' => ['terminal' => 'ferrule-1.5'], 'need' => 136, 'have' => 85, 'short' => 51, 'reorderPoint' => 50, 'reorder' => false, 'runsOut' => '2026-12-12',
            'buy' => [['pack' => 'Bag of 100', 'count' => 1]], 'open' => 0,
        ])
        ->and(end($told['items']))->toMatchArray(['stock' => null, 'item' => ['terminal' => 'lamp-push-in'], 'have' => 0, 'open' => 37, 'buy' => []]);
});

it('tells a bound where there are more than four boxes, and ends with 0 where nothing stays open', function (): void {
    $box = static fn(int $number): array => ['id' => 'b' . $number, 'name' => 'Box ' . $number, 'price' => 1000 + $number, 'holds' => [['stock' => 'round-20-pin', 'pieces' => 40]]];
    $file = shelfFile(['boxes' => array_map($box, range(1, 5))]);
    $said = gondrik(['supplies', $file, '--scope', 'door-harness', '--on', '2020-01-01', '--format', 'json']);
    unlink($file);
    $told = json_decode($said->getOutput(), true);
    expect($said->getExitCode())->toBe(0)
        ->and([$told['status'], $told['bound']])->toBe(['optimal', $told['cost']])
        ->and($told['boxes'])->toBe([['box' => 'b1', 'count' => 2]]);
});

it('tells in words what is short first, and asks about today where no day is named', function (): void {
    $lines = explode("\n", gondrik(['supplies', SHELF, '--on', '2026-12-01'])->getOutput());
    expect($lines[0])->toBe('13 items short on 2026-12-01:')
        ->and($lines[2])->toBe('  Ring, blue, M5: need 44, have 28; short 16; buy 2 × Card of 10; runs out on 2026-12-08; time to order')
        ->and($lines)->toContain('Comes to 196.60, 239 pieces more than are short.', '  Lined tube 6 mm: need 0 mm, have 900; runs out on 2026-12-22')
        ->and(json_decode(gondrik(['supplies', SHELF, '--format', 'json'])->getOutput(), true)['on'])->toBe(date('Y-m-d'));
});

it('tells seconds and squeezes, of practised hands and of new ones', function (): void {
    $asked = ['labour', SHELF, '--kit', 'cabin-bench', '--scope', 'boards', '--format', 'json'];
    $said = gondrik($asked);
    $told = json_decode($said->getOutput(), true);
    $new = json_decode(gondrik([...$asked, '--new'])->getOutput(), true);
    expect([$said->getExitCode(), array_keys($told)])->toBe([0, ['lines', 'tools', 'seconds', 'squeezes', 'perDay', 'remarks']])
        ->and([$told['squeezes'], $told['perDay']['squeezes'], $told['remarks']])->toBe([1618, 404.5, ['squeezes.many']])
        ->and(array_sum(array_column($told['lines'], 'seconds')))->toBe($told['seconds'])
        ->and(array_sum(array_column($told['tools'], 'squeezes')))->toBe(1618)
        ->and([$new['squeezes'], $new['seconds'] > $told['seconds']])->toBe([1618, true])
        ->and(gondrik([...$asked, '--practised'])->getOutput())->toBe($said->getOutput())
        // A scope that says of no days has none.
        ->and(json_decode(gondrik(['labour', SHELF, '--kit', 'cabin-bench', '--scope', 'tower-7', '--format', 'json'])->getOutput(), true))->not->toHaveKey('perDay')
        ->and(gondrik(['labour', SHELF, '--kit', 'cabin-bench', '--scope', 'boards'])->getOutput())->toContain('All of it takes 2.7 h, 1618 squeezes.', 'A day: 0.7 h, 405 squeezes.', 'More squeezes a day than one hand should do');
});

it('refuses a question that is none, by what it names', function (array $arguments, string $said): void {
    $refused = gondrik($arguments);
    expect($refused->getExitCode())->toBe(2)->and($refused->getErrorOutput())->toContain($said);
})->with([
    [['supplies', SHELF, '--scope', 'gone'], '--scope "gone": no scope of the workbook has this id'],
    [['supplies', SHELF, '--on', 'soon'], '--on "soon"'],
    [['supplies', SHELF, '--format', 'xml'], '--format "xml"'],
    [['labour', SHELF, '--kit', 'cabin-bench'], '--scope is missing'],
    [['labour', SHELF, '--kit', 'gone', '--scope', 'boards'], '--kit "gone"'],
    [['labour', SHELF, '--kit', 'cabin-bench', '--scope', 'boards', '--new', '--practised'], '--new: not with --practised'],
]);
