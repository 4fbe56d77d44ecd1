<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Tests\Support\OpenApi;

/* How long the work takes and how often a hand squeezes, by the table and by what the shop has timed, and what would save either. */

const CABIN_BOARDS = '/api/v1/labour?kit=cabin-bench&scope=boards';

/** @return array<string, mixed> of a list of an answer, by the id of its tool */
function ofTool($answer, string $list, string $tool): array
{
    return collect($answer->json($list))->firstWhere('tool', $tool) ?? [];
}

it('tells hours and squeezes of a scope with a kit, tool by tool, and says when they are many for one hand', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $answer = $this->getJson(CABIN_BOARDS . '&by=table')->assertOk();
    expect(OpenApi::mismatch($answer, 'get', '/labour'))->toBe('');
    $all = $answer->json();
    expect(array_sum(array_column($all['lines'], 'seconds')))->toBe($all['all']['seconds'])
        ->and(array_sum(array_column($all['tools'], 'squeezes')))->toBe($all['all']['squeezes'])
        ->and($all['all'])->toBe(['seconds' => 9884, 'squeezes' => 1618])
        ->and($all['perDay'])->toEqual(['seconds' => 9884 / 4, 'squeezes' => 1618 / 4])
        ->and([$all['many'], array_column($all['remarks'], 'code')])->toBe([300, ['squeezes.many']])
        ->and(ofTool($answer, 'tools', 'flush-cut'))->toMatchArray(['does' => [['op' => 'cut', 'terminations' => 546]], 'needed' => null, 'gang' => null])
        ->and(ofTool($answer, 'tools', 'self-adjusting')['gang'])->toBe(['wires' => 2, 'byHand' => true])
        ->and($all['even'])->toBeNull();
    // Where the scope says of no days nobody knows what that is a day.
    expect($this->getJson('/api/v1/labour?kit=cabin-bench&scope=tower-7')->json())->toMatchArray(['perDay' => null])
        ->and($this->getJson(CABIN_BOARDS . '&by=table&pace=new')->json('all.seconds'))->toBeGreaterThan(1.5 * 9884);
});

it('goes by what the shop has timed: the hand decides, then all hands, then the table', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $strip = static fn($answer): array => collect($answer->json('rates'))->first(static fn(array $of): bool => $of['op'] === 'strip' && $of['method'] === 'self-adjusting');
    $seconds = static fn($answer): float => ofTool($answer, 'tools', 'self-adjusting')['seconds'] / array_sum(array_column(ofTool($answer, 'tools', 'self-adjusting')['does'], 'terminations'));
    $shop = $this->getJson(CABIN_BOARDS)->assertOk();
    expect(array_map(static fn(array $one): array => [$one['person'], $one['each']], $strip($shop)['own']))->toEqual([['Pavo Lindh', 5.2], ['Nela Sorge', 6.35]])
        ->and([$strip($shop)['practised'], $strip($shop)['new'], $strip($shop)['squeezes']])->toBe([4, 6, 1])
        ->and(round($seconds($shop), 4))->toBe(5.775)
        ->and(round($seconds($this->getJson(CABIN_BOARDS . '&hand=nela-sorge')->assertOk()), 4))->toBe(6.35)
        ->and($seconds($this->getJson(CABIN_BOARDS . '&by=table')))->toEqual(4.0)
        // She timed it on an earlier day than that.
        ->and(round($seconds($this->getJson(CABIN_BOARDS . '&on=' . now()->subYear()->toDateString())->assertOk()), 4))->toEqual(4.0);
});

it('writes down ten pieces from the bench, and lets a hand write of its own alone', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Hand));
    $entry = static fn(array $more): array => ['entries' => [['what' => 'timed', 'tool' => 'self-adjusting', 'op' => 'strip', 'pieces' => 10, 'seconds' => 47.5, ...$more]]];
    $written = $this->postJson('/api/v1/log', $entry([]))->assertCreated();
    $row = DB::table('log_entries')->where('shop_id', $shop->id)->where('code', $written->json('entries.0.id'))->first();
    expect($row->tool_id)->toBe(DB::table('tools')->where('shop_id', $shop->id)->where('code', 'self-adjusting')->value('id'))
        ->and($row->person_id)->toBeNull();
    $this->postJson('/api/v1/log', $entry(['person' => 'nela-sorge']))->assertForbidden();
    $refused = $this->postJson('/api/v1/log', $entry(['op' => 'crimp']))->assertUnprocessable();
    expect([$refused->json('problems.0.path'), $refused->json('problems.0.value'), $refused->json('problems.0.expected')])->toBe(['entries/0/op', 'crimp', 'something that the tool does']);

    // Whose hands they were is not for every hand to see, nor what a tool costs; how long it takes is.
    $seen = $this->getJson(CABIN_BOARDS)->assertOk();
    $own = collect($seen->json('rates'))->firstWhere('method', 'self-adjusting')['own'];
    expect(array_column($own, 'person'))->toBe([null, null, null])
        ->and(array_column($own, 'each'))->toContain(4.75)
        ->and(array_filter(array_column($seen->json('lighter'), 'price')))->toBe([])
        ->and($this->getJson(CABIN_BOARDS . '&tool=battery-crimper&wage=4200')->json('even'))->toBeNull();
    $this->getJson(CABIN_BOARDS . '&hand=nela-sorge')->assertForbidden();

    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    $this->postJson('/api/v1/log', $entry(['person' => 'nela-sorge']))->assertCreated();
    $person = DB::table('people')->where('shop_id', $shop->id)->where('code', 'nela-sorge')->value('id');
    expect(DB::table('log_entries')->where('shop_id', $shop->id)->where('what', 'timed')->where('person_id', $person)->count())->toBe(2);
});

it('does not take away a tool that was timed', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $seen = $this->getJson('/api/v1/tools/battery-crimper')->json('version');
    $refused = $this->deleteJson('/api/v1/tools/battery-crimper', headers: ['If-Match' => '"' . $seen . '"'])->assertConflict();
    expect($refused->json('uses.0.list'))->toBe('log');
});

it('weighs a tool against the hand and against paying by the piece', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $weighed = fn(string $more): ?array => $this->getJson(CABIN_BOARDS . '&tool=battery-crimper' . $more)->assertOk()->json('even');
    $swap = ofTool($this->getJson(CABIN_BOARDS), 'lighter', 'battery-crimper');
    expect($swap)->toMatchArray(['isInKit' => false, 'operations' => ['crimp'], 'pieces' => 58, 'squeezes' => 58, 'price' => 68000]);

    // Nobody has said what an hour costs, or it is a tool that takes over nothing.
    expect($weighed(''))->toBeNull()
        ->and($this->getJson(CABIN_BOARDS . '&tool=two-pole&wage=4200')->json('even'))->toBeNull();
    // 58 crimps by ratchets at 11.2 s, at 5.8 s with it: 5.4 s, at 42 an hour 6.3 cents each.
    expect($weighed('&wage=4200'))->toMatchArray(['pieces' => 58, 'price' => 68000, 'from' => (int) floor(68000 / 6.3) + 1, 'piece' => null, 'isPieceCheaper' => null])
        ->and(round($weighed('&wage=4200')['each'], 3))->toBe(round(11.2 * 4200 / 3600, 3))
        ->and(round($weighed('&wage=4200')['months'], 3))->toBe(round(68000 / (6.3 * 58) * 4 / 21, 3));
    // With what somebody says of it: 3.2 s, 80 for it, 10 cents elsewhere.
    $said = $weighed('&wage=4500&price=8000&each=3.2&piece=10');
    expect($said)->toMatchArray(['price' => 8000, 'from' => 801, 'isPieceCheaper' => true, 'fromAgainstPiece' => 1334])
        ->and(round($said['eachWithIt'], 6))->toBe(4.0);
});

it('tells how many of each tool a class needs', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $answer = $this->getJson(CABIN_BOARDS . '&by=table&people=12&hours=6')->assertOk();
    // 420 crimps of 10 s, twelve times, in six hours: 2 1/3 of it.
    expect(ofTool($answer, 'tools', 'roll-fine')['needed'])->toBe(3)
        ->and(ofTool($answer, 'tools', 'torque-small')['needed'])->toBe(1);
});

it('refuses what it cannot reckon with', function (string $more, string $field): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $refused = $this->getJson('/api/v1/labour?kit=cabin-bench&scope=boards&' . $more)->assertUnprocessable();
    expect(json_encode($refused->json()))->toContain($field);
})->with([
    ['wage=0', 'wage'],
    ['price=-1', 'price'],
    ['each=0', 'each'],
    ['people=3', 'hours'],
    ['hours=3', 'people'],
    ['people=0&hours=3', 'people'],
    ['pace=quick', 'pace'],
    ['by=guess', 'by'],
    ['hand=gone', 'hand'],
]);

it('knows no kit or scope of another shop', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/labour?kit=gone&scope=boards')->assertNotFound();
    $this->getJson('/api/v1/labour?kit=cabin-bench&scope=gone')->assertNotFound();
});

it('reckons a scope that is written for one fixture so many times, and keeps its lines for one', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $once = $this->getJson(CABIN_BOARDS . '&by=table')->json('all');
    $seen = $this->getJson('/api/v1/scopes/boards')->json();
    $this->putJson('/api/v1/scopes/boards', [...array_diff_key($seen, ['version' => 0]), 'pieces' => ['name' => 'board', 'count' => 12]], ['If-Match' => '"' . $seen['version'] . '"'])->assertOk();
    $answer = $this->getJson(CABIN_BOARDS . '&by=table')->assertOk();
    expect(OpenApi::mismatch($answer, 'get', '/labour'))->toBe('')
        ->and($answer->json('all'))->toBe(['seconds' => 12 * $once['seconds'], 'squeezes' => 12 * $once['squeezes']])
        ->and($answer->json('scope.pieces'))->toBe(['name' => 'board', 'count' => 12]);
    $scopes = $this->getJson('/api/v1/scopes')->assertOk();
    expect(OpenApi::mismatch($scopes, 'get', '/scopes'))->toBe('')
        ->and(collect($scopes->json('data'))->firstWhere('id', 'boards')['pieces'])->toBe(['name' => 'board', 'count' => 12])
        ->and(collect($scopes->json('data'))->firstWhere('id', 'masts')['pieces'])->toBeNull();
    $covered = $this->getJson('/api/v1/coverage?kit=cabin-bench&scope=boards')->assertOk();
    $line = array_key_first($covered->json('lines'));
    expect($covered->json("lines.{$line}.quantity"))->toBe(160)
        ->and(array_sum(array_intersect_key($covered->json('report.headline'), ['covered' => 0, 'makeshift' => 0, 'hole' => 0, 'faulty' => 0])))->toBe(12 * 552);

    // Lines that count otherwise are not thrown together.
    $refused = $this->postJson('/api/v1/scopes/boards/merge', ['scope' => 'masts'])->assertUnprocessable();
    expect($refused->json('problems.0.path'))->toBe('scope')->and($refused->json('problems.0.expected'))->toContain('written for one of 12 (board)');
    $masts = collect($scopes->json('data'))->firstWhere('id', 'masts')['lines'];
    $this->postJson('/api/v1/scopes/masts/merge', ['scope' => 'boards'])->assertOk();
    $now = $this->getJson('/api/v1/scopes/masts/lines')->json('data');
    expect(count($now))->toBeGreaterThan($masts)->and(array_column($now, 'quantity'))->toContain(12 * 160);
});
