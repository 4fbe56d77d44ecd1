<?php

declare(strict_types=1);

use App\Models\Role;
use App\Print\CardSheet;
use Gondrik\Core\Wording\LengthUnit;
use Gondrik\Core\Wording\Units;
use Symfony\Component\Process\Process;
use Tests\Support\OpenApi;

/** @return array<string, mixed> */
function benchByCommand(string ...$arguments): array
{
    $process = new Process([base_path('bin/gondrik'), ...$arguments, '--format', 'json']);
    $process->run();

    return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
}

it('shows the card of every line of a scope as the command line writes it', function (string $kit, string $scope): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    for ($line = null, $seen = 0; $seen === 0 || $line !== null; $seen++) {
        $response = $this->getJson("/api/v1/card?kit={$kit}&scope={$scope}" . ($line === null ? '' : "&line={$line}"))->assertOk();
        if ($seen % 4 === 0) {
            $id = $response->json('card.line');
            $told = benchByCommand('card', App\Demo\DemoShop::workbookPath(), '--kit', $kit, '--scope', $scope, '--line', $id);
            $card = $response->json('card');
            $steps = array_map(static fn(array $step): array => array_diff_key($step, ['name' => 0, 'of' => 0]), $card['steps']);
            expect(OpenApi::mismatch($response, 'get', '/card'))->toBe('')
                ->and(array_intersect_key([...$card, 'steps' => 0], $told))->toEqual([...$told, 'steps' => 0]);
            // What is done alike to both ends of a splice stands once here, and twice there.
            count($card['wires']) < 2
                ? expect($steps)->toEqual($told['steps'])
                : expect(array_values(array_unique(array_column($steps, 'text'))))->toBe(array_values(array_unique(array_column($told['steps'], 'text'))));
        }
        expect($response->json('at'))->toBe($seen + 1);
        $line = $response->json('next');
    }
    expect($seen)->toBe($response->json('of'));
})->with([['pylon-backpack', 'tower-7'], ['panel-bench', 'station-panel'], ['cabin-bench', 'door-harness']]);

it('knows no card of a line that is not there', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/card?kit=panel-bench&scope=boards&line=nothing')->assertNotFound();
    $this->getJson('/api/v1/card?kit=panel-bench&scope=nowhere')->assertNotFound();
    $this->getJson('/api/v1/card?scope=boards')->assertStatus(422)->assertJsonPath('problems.0.path', 'kit');
});

it('gives all cards of a scope at once, each as it is by itself, from any place of it', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $all = $this->getJson('/api/v1/cards?kit=pylon-backpack&scope=tower-7')->assertOk();
    $pages = $all->json('cards');
    expect(OpenApi::mismatch($all, 'get', '/cards'))->toBe('')->and(count($pages))->toBe($all->json('of'))->toBeGreaterThan(10);
    foreach ($pages as $page) {
        expect($this->getJson("/api/v1/card?kit=pylon-backpack&scope=tower-7&line={$page['card']['line']}")->json())->toBe($page);
    }
    $last = count($pages);
    expect($this->getJson("/api/v1/cards?kit=pylon-backpack&scope=tower-7&at={$last}")->json('cards'))->toBe([$pages[$last - 1]])
        ->and($this->getJson('/api/v1/cards?kit=pylon-backpack&scope=tower-7&at=' . $last + 1)->assertOk()->json('cards'))->toBe([])
        ->and($this->getJson('/api/v1/cards?kit=pylon-backpack&scope=tower-7&force=lbf')->json('cards.0.card'))->toBe($this->getJson('/api/v1/card?kit=pylon-backpack&scope=tower-7&force=lbf')->json('card'));
    $this->getJson('/api/v1/cards?kit=pylon-backpack&scope=nowhere')->assertNotFound();
    $this->getJson('/api/v1/cards?kit=pylon-backpack&scope=tower-7&at=0')->assertStatus(422)->assertJsonPath('problems.0.path', 'at');
});

it('prints two cards to a sheet, and all of each', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $pages = explode("\f", rtrim(pdfText((string) $this->get('/api/v1/cards.pdf?kit=panel-bench&scope=station-panel')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent()), "\f"));
    expect($pages)->toHaveCount(6);
    expect(array_unique(array_map(static fn(string $page): int => substr_count($page, 'Clean up'), $pages)))->toBe([2]);
    // What is set stands large by itself, and again in the words.
    expect($pages[0])->toMatch('~\n\s+10 mm\n~')->toMatch('~\s0.5 N·m\n~')
        ->toContain('Good looks so')->toContain('Bad looks so');
    // A splice of two like wires: told once, pressed twice, with what can hurt before all else.
    $splice = pdfText((string) $this->get('/api/v1/cards.pdf?kit=cabin-bench&scope=cabin-lighting&lines=splice-18')->getContent());
    expect(substr_count($splice, 'Crimp, '))->toBe(2)->and(substr_count($splice, 'Strip, both ends'))->toBe(1)->and(substr_count($splice, 'Cut, both ends'))->toBe(1)
        ->and(strpos($splice, 'Mind first'))->toBeLessThan((int) strpos($splice, 'Identify'))
        ->and(strpos($splice, 'The insulation ends at the barrel'))->toBeLessThan((int) strpos($splice, 'Tug'));
    $two = pdfText((string) $this->get('/api/v1/cards.pdf?kit=pylon-backpack&scope=tower-7&lines=heat-15,winch-35')->getContent());
    expect(substr_count($two, 'Clean up'))->toBe(2)->and($two)->toContain('35 mm²')->toContain('NOT COMPLETE')->not->toContain('winch-35');
});

it('lays cards out by what they say: four, two or one to a sheet, in their order', function (array $sizes, array $sheets): void {
    $card = static fn(int $size): array => ['line' => (string) $size, 'lookTexts' => [], 'cautionTexts' => [], 'checks' => [], 'steps' => [
        ['op' => 'strip', 'text' => str_repeat('a', $size - 180), 'settings' => ['stripLength' => ['value' => 7.0, 'unit' => 'mm']]],
        ['op' => 'tug', 'text' => '', 'settings' => ['conductor' => ['value' => 2.0, 'unit' => 'mm'], 'force' => ['value' => 40, 'unit' => 'N']]],
    ]];
    $laid = CardSheet::sheets(array_map($card, $sizes), new Units(LengthUnit::Inch));
    $told = static fn(array $card): string => $card['line'] . ' ' . $card['set'];
    expect(array_map(static fn(array $rows): array => array_map(static fn(array $row): string => implode(' | ', array_map($told, $row)), $rows), $laid))->toBe($sheets)
        ->and($laid[0][0][0]['figures'])->toBe([['0.276 in'], ['40 N']]);
})->with([
    'little: four' => [[400, 401, 402, 403, 404], [['400 quarter | 401 quarter', '402 quarter | 403 quarter'], ['404 quarter']]],
    'the usual: two' => [[2000, 2001, 2002], [['2000 half', '2001 half'], ['2002 half']]],
    'more, closer' => [[2231, 2690], [['2231 half close', '2690 half close']]],
    'much: one, and closer where it must be' => [[2701, 2000, 3050], [['2701 whole'], ['2000 half'], ['3050 whole long']]],
    'one with little waits for none that is not behind it' => [[400, 2000, 401], [['400 quarter', '2000 half'], ['401 quarter']]],
]);

it('prints no more cards at once than somebody cuts apart', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $lines = array_fill(0, 100, ['line' => LINE]);
    foreach ([0, 1] as $_) {
        $this->postJson('/api/v1/scopes/boards/changes', ['changes' => $lines])->assertOk();
    }
    $refused = $this->getJson('/api/v1/cards.pdf?kit=panel-bench&scope=boards')->assertStatus(422)->assertJsonPath('problems.0.path', 'lines');
    expect($refused->json('problems.0.expected'))->toContain('at most 200 cards');
    $this->get('/api/v1/cards.pdf?kit=panel-bench&scope=boards&lines=speaker-20')->assertOk();
});

it('gives a card with much to say a sheet of its own, and lets none run over its place', function (string $kit, string $scope): void {
    $this->actingAs($this->lead($this->demo()));
    $of = $this->getJson("/api/v1/card?kit={$kit}&scope={$scope}")->json('of');
    $pages = explode("\f", rtrim(pdfText((string) $this->get("/api/v1/cards.pdf?kit={$kit}&scope={$scope}")->getContent()), "\f"));
    // A card that ran over would begin a page without a head.
    foreach ($pages as $page) {
        expect($page)->toContain('Identify')->toContain('Clean up');
    }
    expect(array_sum(array_map(static fn(string $page): int => substr_count($page, 'Clean up'), $pages)))->toBe($of)
        ->and(count($pages))->toBeLessThanOrEqual($of);
})->with([['cabin-bench', 'cabin-lighting'], ['pylon-backpack', 'masts'], ['apprentice-box', 'door-harness'], ['pylon-backpack', 'tower-7']]);

it('reckons as the command line does', function (string $what, array $asked): void {
    $response = $this->getJson('/api/v1/calculations/' . $what . '?' . http_build_query($asked))->assertOk();
    $options = [];
    foreach ($asked as $name => $value) {
        $options = [...$options, '--' . $name, ...$value === '' ? [] : [$value]];
    }
    expect(OpenApi::mismatch($response, 'get', '/calculations/{what}'))->toBe('')
        ->and($response->json('answer'))->toEqual(benchByCommand('calc', $what, ...$options));
})->with([
    ['size', ['size' => '24 AWG']],
    ['pull', ['size' => '1.5 mm2', 'class' => 'insulated']],
    ['sleeve', ['widest' => '5', 'narrowest' => '2,5', 'covered' => '18', 'lined' => '']],
    ['code', ['code' => 'M22759/32-20-96']],
    ['notch', ['size' => '14 AWG', 'construction' => 'solid', 'insulation-od' => '2.8', 'hole' => '1.8']],
]);

it('refuses a calculation by the name of what is wrong', function (string $path, int $status, ?string $at): void {
    $this->getJson('/api/v1/calculations/' . $path)->assertStatus($status)->assertJsonPath('problems.0.path', $at);
})->with([
    ['size', 422, 'size'],
    ['size?size=12', 422, 'size'],
    ['pull?size=12+AWG&class=woolly', 422, 'class'],
    ['size?size=12+AWG&hole=3', 422, 'hole'],
    ['nonsense', 404, null],
]);

it('shows every table that can be looked up, as JSON and as CSV', function (): void {
    $tables = $this->getJson('/api/v1/reference')->assertOk();
    expect(OpenApi::mismatch($tables, 'get', '/reference'))->toBe('');
    foreach ($tables->json('data') as $table) {
        $shown = $this->getJson('/api/v1/reference/' . $table['name'])->assertOk();
        expect(OpenApi::mismatch($shown, 'get', '/reference/{table}'))->toBe('')
            ->and($shown->json('rows'))->toHaveCount($table['rows'])
            ->and($table['rows'])->toBeGreaterThan(0);
        $csv = $this->get('/api/v1/reference/' . $table['name'] . '.csv')->assertOk()->streamedContent();
        expect(explode("\r\n", $csv)[0])->toBe(implode(',', $shown->json('columns')));
    }
    expect(array_column($tables->json('data'), 'rows', 'name')['glossary'])->toBeGreaterThanOrEqual(120);
    $this->getJson('/api/v1/reference/catalogue')->assertNotFound();
});

it('has an example of every reason code', function (): void {
    $response = $this->getJson('/api/v1/reasons/examples')->assertOk();
    expect(OpenApi::mismatch($response, 'get', '/reasons/examples'))->toBe('')
        ->and(array_column($response->json('data'), 'code'))->toBe(array_column($this->getJson('/api/v1/reasons')->json('data'), 'code'));
});
