<?php

declare(strict_types=1);

use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/*
 * Nobody reads an id: not in a sentence about the demo, and not in the refusal of what somebody wrote by hand.
 */

/** Ids of the demo that are what anybody calls the thing. */
const WORDS_TOO = ['two-pole', 'four-indent'];

/** @return list<string> ids of a shop that are no words of anybody's language */
function idsOf(Workbook $shop): array
{
    $ids = [];
    foreach ([...$shop->wires, ...$shop->terminals, ...$shop->tools, ...$shop->kits, ...$shop->scopes, ...array_merge(...array_map(static fn($scope): array => $scope->lines, $shop->scopes))] as $thing) {
        $ids[] = $thing->id;
    }

    return array_values(array_filter(array_unique($ids), static fn(string $id): bool => preg_match('~[a-z].*[-\d]~', $id) === 1 && !in_array($id, WORDS_TOO, true)));
}

/**
 * Texts of several words in an answer, wherever they stand.
 *
 * @return list<string>
 */
function sentencesIn(mixed $answer): array
{
    return match (true) {
        is_array($answer) => array_merge([], ...array_map(sentencesIn(...), array_values($answer))),
        is_string($answer) && str_contains($answer, ' ') => [$answer],
        default => [],
    };
}

/**
 * @param list<string> $ids
 *
 * @return list<string> the sentences in which one stands
 */
function withIds(mixed $answer, array $ids): array
{
    $any = '~(?<![\w.\-])(?:' . implode('|', array_map(static fn(string $id): string => preg_quote($id, '~'), $ids)) . ')(?![\w\-]|\.\d)~';

    return array_values(array_filter(sentencesIn($answer), static fn(string $says): bool => preg_match($any, $says) === 1));
}

it('names things by their names in all that it says of the demo', function (): void {
    $shop = (new WorkbookCodec())->read((string) file_get_contents(App\Demo\DemoShop::workbookPath()));
    $ids = idsOf($shop);
    expect(withIds(['of lug-35-m10 here', 'panel-bench'], $ids))->toBe(['of lug-35-m10 here']);
    $this->actingAs($this->lead($this->demo()));
    $asked = ['/kits', '/tools', '/scopes'];
    foreach ($shop->kits as $kit) {
        foreach ($shop->scopes as $scope) {
            $of = 'kit=' . $kit->id . '&scope=' . $scope->id;
            $asked = [...$asked, '/coverage?' . $of, '/cards?' . $of];
        }
        $asked[] = '/plan?means=buy,move,borrow,per-piece&kit=' . $kit->id . '&scopes=' . implode(',', array_column($shop->scopes, 'id'));
        $asked[] = '/plan/substitutes?kit=' . $kit->id . '&scopes=masts,boards';
        $asked[] = '/plan/unpriced?kit=' . $kit->id . '&scopes=masts,boards';
    }
    foreach ([['wires', $shop->wires], ['terminals', $shop->terminals], ['tools', $shop->tools]] as [$list, $things]) {
        foreach (array_slice($things, 0, 12) as $thing) {
            $asked[] = '/' . $list . '/' . $thing->id . '/uses';
        }
    }
    $found = [];
    foreach ($asked as $path) {
        foreach (withIds($this->getJson('/api/v1' . $path)->assertOk()->json(), $ids) as $says) {
            $found[$says] = $path;
        }
    }
    expect($found)->toBe([]);
});

it('names things by their names where it refuses what somebody wrote', function (string $method, string $path, array $body, int $status): void {
    $shop = (new WorkbookCodec())->read((string) file_get_contents(App\Demo\DemoShop::workbookPath()));
    $this->actingAs($this->lead($this->demo()));
    $version = $method === 'POST' ? '' : (string) $this->getJson('/api/v1' . $path)->json('version');
    $refused = $this->json($method, '/api/v1' . $path, $body, $version === '' ? [] : ['If-Match' => '"' . $version . '"']);
    expect($refused->status())->toBe($status, (string) $refused->getContent())
        ->and(withIds($refused->json(), idsOf($shop)))->toBe([]);
})->with([
    'a wire that lines use' => ['DELETE', '/wires/heat-3x1.5', [], 409],
    'a terminal that lines use' => ['DELETE', '/terminals/ferrule-1.5', [], 409],
    'a tool that kits have' => ['DELETE', '/tools/diagonal-200', [], 409],
    'a tool that another requires' => ['DELETE', '/tools/press-frame', [], 409],
    'a second wire where there is one end' => ['POST', '/scopes/tower-7/lines', ['wire' => 'heat-3x1.5', 'terminal' => 'ferrule-1.5', 'wireB' => 'heat-3x2.5'], 422],
    'a wire without a terminal' => ['POST', '/scopes/tower-7/lines', ['wire' => 'heat-3x1.5'], 422],
    'a name that is taken' => ['POST', '/wires', ['name' => '3 × 1.5 mm² heating cable', 'size' => '1.5 mm2', 'construction' => 'fine', 'insulation' => 'pvc', 'id' => 'heat-3x1.5'], 422],
    'a kit with a tool twice' => ['POST', '/kits', ['name' => 'Twice', 'tools' => [['tool' => 'diagonal-200'], ['tool' => 'diagonal-200']]], 422],
]);
