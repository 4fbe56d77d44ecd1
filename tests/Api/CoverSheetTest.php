<?php

declare(strict_types=1);

/* Cover on one A4 that can be hung up. */

function coverSheet(Tests\TestCase $test, array $more = []): string
{
    return pdfText((string) $test->get('/api/v1/coverage.pdf?' . http_build_query(['kit' => 'pylon-backpack', 'scope' => 'tower-7', ...$more]))->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
}

it('prints the verdict, what would close each hole, the lines and the rules in force, on one page', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $text = (string) preg_replace('~\s+~u', ' ', coverSheet($this));
    expect($text)->toContain('Pylon backpack × Tower 7: heating and rescue winch')
        ->toContain('2 holes: 76 of 172 terminations cannot be made.')
        ->toContain('As it is packed, on paper')
        ->toContain('A crimper with a hexagon, indent or three-point die for lugs, 50 mm²')
        ->toContain('not in the kit: first-aid kit')
        ->toContain('No tool: crimping')
        ->toContain('What does nobody do alone without a sign-off? All crimping, soldering.')
        ->toContain('Pull-out force: Each class its own standard.')
        ->toContain('give way to local codes')
        ->not->toContain('As if')
        // All of its lines have room.
        ->not->toContain('more lines')->toContain('· 37 % made · not in the kit');
    // A page ends with a form feed.
    expect(substr_count(coverSheet($this), "\f"))->toBe(1);
});

it('says the day, the hands and that something is supposed', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $day = $this->demoDay()->plus(20)->plain();
    $person = $this->getJson('/api/v1/people?most=1')->json('data.0');
    $text = (string) preg_replace('~\s+~u', ' ', coverSheet($this, ['on' => $day, 'hand' => $person['id'], 'without' => 'hex-lug']));
    expect($text)->toContain('As it stands on ' . $day . ', in the hands of ' . $person['name'])->toContain('As if:');
});

it('stays on one page for a long scope: what is open first, and what it leaves out', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $line = ['wire' => 'heat-3x1.5', 'terminal' => 'ferrule-1.5', 'quantity' => 1, 'ambient' => 3, 'noMains' => true];
    $sound = ['wire' => 'hookup-16', 'terminal' => 'ring-blue-m5', 'quantity' => 1];
    $this->postJson('/api/v1/scopes', ['id' => 'long', 'name' => 'Long', 'lines' => array_map(static fn(int $at): array => ['id' => 'l' . $at, ...$at % 10 === 0 ? $line : $sound], range(1, 120))])->assertCreated();
    $text = coverSheet($this, ['scope' => 'long']);
    expect(substr_count($text, "\f"))->toBe(1)->and((string) preg_replace('~\s+~u', ' ', $text))->toMatch('~\d\d more lines, none of them open; all of them are on Cover~')->toContain('No tool: taking sheaths off');
});

it('stays on one page whatever stands on it', function (string $kit, array $more): void {
    $this->actingAs($this->lead($this->demo()));
    foreach (array_column($this->getJson('/api/v1/scopes')->json('data'), 'id') as $scope) {
        expect(substr_count(coverSheet($this, ['kit' => $kit, 'scope' => $scope, ...$more]), "\f"))->toBe(1, $scope);
    }
})->with([
    'a kit that does little' => ['apprentice-box', []],
    'and something supposed besides, in hands, on a day' => ['apprentice-box', ['without' => 'oval-ratchet', 'on' => '2027-02-01', 'rules' => '{"preset":"aircraft"}']],
    'a kit that does much' => ['cabin-bench', []],
]);

it('wants a kit', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/coverage.pdf?scope=tower-7')->assertUnprocessable()->assertJsonPath('problems.0.path', 'kit');
});
