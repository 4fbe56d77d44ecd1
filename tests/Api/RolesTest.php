<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What a route asks of whom: its status for nobody, a hand, a coordinator, a lead, and a lead of another shop. */
const DOORS = [
    'GET health' => ['/health', [200, 200, 200, 200, 200]],
    'GET openapi.json' => ['/openapi.json', [200, 200, 200, 200, 200]],
    'GET workbook.schema.json' => ['/workbook.schema.json', [200, 200, 200, 200, 200]],
    'GET reasons' => ['/reasons', [200, 200, 200, 200, 200]],
    'GET session' => ['/session', [200, 200, 200, 200, 200]],
    'POST session' => ['/session', [422, 422, 422, 422, 422]],
    'DELETE session' => ['/session', [401, 204, 204, 204, 204]],
    'DELETE session/others' => ['/session/others', [401, 204, 204, 204, 204]],
    'PUT session/password' => ['/session/password', [401, 422, 422, 422, 422]],
    'GET tokens' => ['/tokens', [401, 200, 200, 200, 200]],
    'POST tokens' => ['/tokens', [401, 422, 422, 422, 422]],
    'DELETE tokens/{token}' => ['/tokens/1000000', [401, 404, 404, 404, 404]],
    'POST entrance' => ['/entrance', [422, 422, 422, 422, 422]],
    'POST entrance/look' => ['/entrance/look', [422, 422, 422, 422, 422]],
    'GET accounts' => ['/accounts', [401, 403, 403, 200, 200]],
    'POST accounts' => ['/accounts', [401, 403, 403, 422, 422]],
    'PUT accounts/{account}' => ['/accounts/1000000', [401, 403, 403, 422, 422]],
    'DELETE accounts/{account}' => ['/accounts/1000000', [401, 403, 403, 404, 404]],
    'POST accounts/{account}/link' => ['/accounts/1000000/link', [401, 403, 403, 404, 404]],
    'POST accounts/{account}/back' => ['/accounts/1000000/back', [401, 403, 403, 404, 404]],
    'GET kits' => ['/kits', [401, 200, 200, 200, 200]],
    'GET version' => ['/version', [401, 200, 200, 200, 200]],
    'GET tools' => ['/tools', [401, 200, 200, 200, 200]],
    'GET scopes' => ['/scopes', [401, 200, 200, 200, 200]],
    'GET coverage' => ['/coverage?kit=pylon-backpack&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET coverage/lines/{line}/steps/{step}/others' => ['/coverage/lines/heat-15/steps/1/others?kit=pylon-backpack&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET scopes/{scope}/lines' => ['/scopes/tower-7/lines', [401, 200, 200, 200, 404]],
    'GET scopes/{scope}/entry' => ['/scopes/tower-7/entry?text=a', [401, 200, 200, 200, 404]],
    // What the wrong version meets is the last door: who comes that far may write.
    'POST scopes/{scope}/lines' => ['/scopes/tower-7/lines', [401, 403, 422, 422, 404]],
    'PUT scopes/{scope}/lines/{line}' => ['/scopes/tower-7/lines/heat-15', [401, 403, 412, 412, 404]],
    'DELETE scopes/{scope}/lines/{line}' => ['/scopes/tower-7/lines/heat-15', [401, 403, 412, 412, 404]],
    'POST scopes/{scope}/changes' => ['/scopes/tower-7/changes', [401, 403, 422, 422, 422]],
    'POST scopes/{scope}/copy' => ['/scopes/tower-7/copy', [401, 403, 422, 422, 422]],
    'POST scopes/{scope}/merge' => ['/scopes/tower-7/merge', [401, 403, 422, 422, 422]],
    'POST scopes/{scope}/sheet' => ['/scopes/tower-7/sheet', [401, 403, 422, 422, 422]],
    'POST sheets' => ['/sheets', [401, 403, 422, 422, 422]],
    'PUT columns' => ['/columns', [401, 403, 422, 422, 422]],
    'GET coverage.csv' => ['/coverage.csv?kit=pylon-backpack&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET coverage.json' => ['/coverage.json?kit=pylon-backpack&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET coverage/beside' => ['/coverage/beside?kit=pylon-backpack&other=cabin-bench&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET coverage.pdf' => ['/coverage.pdf?kit=pylon-backpack&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET labour' => ['/labour?kit=pylon-backpack&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET coverage/bag' => ['/coverage/bag?kit=pylon-backpack&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET kits/{id}/copies' => ['/kits/apprentice-box/copies', [401, 200, 200, 200, 404]],
    'POST kits/{id}/copies' => ['/kits/apprentice-box/copies', [401, 403, 422, 422, 422]],
    'POST supplies/stock' => ['/supplies/stock?scopes=masts', [401, 403, 200, 200, 422]],
    'POST coverage/kept' => ['/coverage/kept', [401, 403, 422, 422, 422]],
    'GET matrix' => ['/matrix', [401, 200, 200, 200, 200]],
    'GET supplies' => ['/supplies?scopes=tower-7', [401, 200, 200, 200, 422]],
    'GET supplies/order.csv' => ['/supplies/order.csv?scopes=tower-7', [401, 403, 200, 200, 422]],
    'GET supplies/order.pdf' => ['/supplies/order.pdf?scopes=tower-7', [401, 403, 200, 200, 422]],
    'GET rules' => ['/rules', [401, 200, 200, 200, 200]],
    'GET rules/tried' => ['/rules/tried?rules={}', [401, 200, 200, 200, 200]],
    'PUT rules' => ['/rules', [401, 403, 403, 422, 422]],
    'PUT settings' => ['/settings', [401, 403, 403, 422, 422]],
    'POST opening' => ['/opening', [401, 403, 403, 422, 422]],
    'PUT currency' => ['/currency', [401, 403, 403, 422, 422]],
    'GET aliases' => ['/aliases', [401, 200, 200, 200, 200]],
    'PUT aliases' => ['/aliases', [401, 403, 422, 422, 422]],
    'DELETE aliases/{alias}' => ['/aliases/1000000', [401, 403, 404, 404, 404]],
    'GET proposal' => ['/proposal?about=wire&text=a', [401, 403, 200, 200, 200]],
    'GET history' => ['/history', [401, 403, 200, 200, 200]],
    'GET history.json' => ['/history.json', [401, 403, 200, 200, 200]],
    'POST history/{entry}/undo' => ['/history/1000000/undo', [401, 403, 404, 404, 404]],
    'GET feeds/{key}.ics' => ['/feeds/abcdefghijklmnopqrstuvwxyz0123456789ABCD.ics', [404, 404, 404, 404, 404]],
    'GET feed' => ['/feed', [401, 403, 200, 200, 200]],
    'POST feed' => ['/feed', [401, 403, 201, 201, 201]],
    'DELETE feed' => ['/feed', [401, 403, 204, 204, 204]],
    'GET assets/{id}/resting' => ['/assets/TQ-03/resting', [401, 200, 200, 200, 404]],
    'GET workbook.zip' => ['/workbook.zip', [401, 403, 200, 200, 200]],
    'GET labels.pdf' => ['/labels.pdf', [401, 200, 200, 200, 422]],
    'GET dues.pdf' => ['/dues.pdf', [401, 200, 200, 200, 200]],
    'GET wires' => ['/wires', [401, 200, 200, 200, 200]],
    'GET wires/{id}' => ['/wires/hookup-12', [401, 200, 200, 200, 404]],
    'POST wires' => ['/wires', [401, 403, 422, 422, 422]],
    'PUT wires/{id}' => ['/wires/hookup-12', [401, 403, 403, 412, 404]],
    'DELETE wires/{id}' => ['/wires/hookup-12', [401, 403, 403, 412, 404]],
    'GET terminals' => ['/terminals', [401, 200, 200, 200, 200]],
    'GET terminals/{id}' => ['/terminals/ring-yellow-m6', [401, 200, 200, 200, 404]],
    'POST terminals' => ['/terminals', [401, 403, 422, 422, 422]],
    'PUT terminals/{id}' => ['/terminals/ring-yellow-m6', [401, 403, 403, 412, 404]],
    'DELETE terminals/{id}' => ['/terminals/ring-yellow-m6', [401, 403, 403, 412, 404]],
    'GET tools/{id}' => ['/tools/flush-cut', [401, 403, 200, 200, 404]],
    'POST tools' => ['/tools', [401, 403, 403, 422, 422]],
    'PUT tools/{id}' => ['/tools/flush-cut', [401, 403, 403, 412, 404]],
    'DELETE tools/{id}' => ['/tools/flush-cut', [401, 403, 403, 412, 404]],
    'POST trials/wires' => ['/trials/wires', [401, 422, 422, 422, 422]],
    'POST trials/terminals' => ['/trials/terminals', [401, 422, 422, 422, 422]],
    'POST trials/tools' => ['/trials/tools', [401, 422, 422, 422, 422]],
    'POST trials/sessions' => ['/trials/sessions', [401, 422, 422, 422, 422]],
    'POST trials/sessions/rotation' => ['/trials/sessions/rotation', [401, 422, 422, 422, 422]],
    'POST trials/sessions/worth' => ['/trials/sessions/worth', [401, 422, 422, 422, 422]],
    'GET sessions/{id}/sheets.pdf' => ['/sessions/first-day/sheets.pdf', [401, 200, 200, 200, 404]],
    'GET sessions/{id}/calendar.ics' => ['/sessions/first-day/calendar.ics', [401, 200, 200, 200, 404]],
    'GET {list}/{id}/uses' => ['/wires/hookup-12/uses', [401, 200, 200, 200, 404]],
    'POST {list}/{id}/merge' => ['/wires/hookup-12/merge', [401, 403, 403, 422, 422]],
    'POST {list}/{id}/confirm' => ['/wires/hookup-12/confirm', [401, 403, 403, 409, 404]],
    'GET proposals' => ['/proposals', [401, 200, 200, 200, 200]],
    'GET today' => ['/today', [401, 200, 200, 200, 200]],
    'GET wall/busiest' => ['/wall/busiest', [401, 200, 200, 200, 200]],
    'GET wall' => ['/wall', [401, 200, 200, 200, 200]],
    'GET assets/{id}/charts' => ['/assets/CR-03/charts', [401, 200, 200, 200, 404]],
    'GET assets/{id}/log' => ['/assets/TQ-03/log', [401, 200, 200, 200, 404]],
    // What somebody may write goes by what it is (LogTest).
    'POST log' => ['/log', [401, 422, 422, 422, 422]],
    'GET assets/{id}/doubt' => ['/assets/CR-25/doubt', [401, 200, 200, 200, 404]],
    'GET skills' => ['/skills', [401, 200, 200, 200, 200]],
    // Of oneself a hand is told, too (SkillTest).
    'GET people/{id}/skills' => ['/people/nela-sorge/skills', [401, 403, 200, 200, 404]],
    'GET skills/without' => ['/skills/without?people=pavo-lindh', [401, 403, 200, 200, 422]],
    'GET pulls/compared' => ['/pulls/compared?wire=hookup-18&terminal=ring-red-m4', [401, 200, 200, 200, 200]],
    'GET assets/{id}/charts.csv' => ['/assets/CR-01/charts.csv', [401, 200, 200, 200, 404]],
    'POST assets/{id}/proven' => ['/assets/gone/proven?wire=hookup-18', [401, 403, 403, 404, 404]],
    'GET gauges' => ['/gauges', [401, 200, 200, 200, 200]],
    'GET gauges/{gauge}/pull' => ['/gauges/bench/pull?test=of-nobody&by=somebody', [401, 200, 200, 200, 200]],
    'GET log.csv' => ['/log.csv', [401, 200, 200, 200, 200]],
    'POST log.csv' => ['/log.csv', [401, 422, 422, 422, 422]],
    'GET calendar' => ['/calendar?kit=pylon-backpack&scope=tower-7&from=2027-01-01', [401, 200, 200, 200, 404]],
    'GET catalogue/closing' => ['/catalogue/closing?kit=pylon-backpack&scope=tower-7', [401, 200, 200, 200, 404]],
    'GET catalogue/{list}' => ['/catalogue/tools', [401, 200, 200, 200, 200]],
    'POST catalogue/{list}' => ['/catalogue/tools', [401, 403, 403, 422, 422]],
    'POST catalogue/{list}/{id}' => ['/catalogue/tools/gone', [401, 403, 403, 404, 404]],
    'GET tables/{list}' => ['/tables/tools', [401, 403, 200, 200, 200]],
    'POST tables/{list}/rows' => ['/tables/tools/rows', [401, 403, 403, 422, 422]],
    'POST tables/{list}/read' => ['/tables/kits/read', [401, 403, 422, 422, 422]],
    'POST tables/{list}/take' => ['/tables/wires/take', [401, 403, 403, 422, 422]],
    'GET scopes/{scope}/table' => ['/scopes/tower-7/table', [401, 403, 200, 200, 404]],
    'GET kits/{id}' => ['/kits/panel-bench', [401, 200, 200, 200, 404]],
    'POST kits' => ['/kits', [401, 403, 422, 422, 422]],
    'PUT kits/{id}' => ['/kits/panel-bench', [401, 403, 412, 412, 404]],
    'DELETE kits/{id}' => ['/kits/panel-bench', [401, 403, 412, 412, 404]],
    'GET scopes/{id}' => ['/scopes/tower-7', [401, 200, 200, 200, 404]],
    'POST scopes' => ['/scopes', [401, 403, 422, 422, 422]],
    'PUT scopes/{id}' => ['/scopes/tower-7', [401, 403, 412, 412, 404]],
    'DELETE scopes/{id}' => ['/scopes/tower-7', [401, 403, 412, 412, 404]],
    'GET reasons/examples' => ['/reasons/examples', [200, 200, 200, 200, 200]],
    'GET reference' => ['/reference', [200, 200, 200, 200, 200]],
    'GET reference/{table}' => ['/reference/pull-force', [200, 200, 200, 200, 200]],
    'GET reference/{table}.csv' => ['/reference/pull-force.csv', [200, 200, 200, 200, 200]],
    'GET calculations/{what}' => ['/calculations/size?size=12+AWG', [200, 200, 200, 200, 200]],
    'GET card' => ['/card?kit=panel-bench&scope=station-panel', [401, 200, 200, 200, 404]],
    'GET cards' => ['/cards?kit=panel-bench&scope=station-panel', [401, 200, 200, 200, 404]],
    'GET cards.pdf' => ['/cards.pdf?kit=panel-bench&scope=boards', [401, 200, 200, 200, 404]],
    'GET plans' => ['/plans', [401, 403, 200, 200, 200]],
    'POST plans' => ['/plans', [401, 403, 422, 422, 422]],
    'PUT plans/{plan}/items/{item}' => ['/plans/1000000/items/1', [401, 403, 422, 422, 422]],
    'DELETE plans/{plan}' => ['/plans/1000000', [401, 403, 404, 404, 404]],
    'GET plan' => ['/plan?scopes=tower-7', [401, 403, 200, 200, 422]],
    'GET plan/curve' => ['/plan/curve?scopes=station-panel', [401, 403, 200, 200, 422]],
    'GET plan/unpriced' => ['/plan/unpriced?scopes=tower-7', [401, 403, 200, 200, 422]],
    'GET plan/substitutes' => ['/plan/substitutes?scopes=tower-7', [401, 403, 200, 200, 422]],
    'GET plan/buying-list.pdf' => ['/plan/buying-list.pdf?scopes=tower-7', [401, 403, 200, 200, 422]],
    'GET plan/buying-list' => ['/plan/buying-list?scopes=tower-7', [401, 403, 200, 200, 422]],
    'GET workbook' => ['/workbook', [401, 403, 200, 200, 200]],
    'POST imports' => ['/imports', [401, 403, 422, 422, 422]],
    'POST imports/{import}/apply' => ['/imports/00000000-0000-4000-8000-000000000000/apply', [401, 403, 404, 404, 404]],
    'POST imports/{import}/undo' => ['/imports/00000000-0000-4000-8000-000000000000/undo', [401, 403, 404, 404, 404]],
];
const WHO = ['nobody', 'a hand', 'a coordinator', 'a lead', 'a lead of another shop'];

/**
 * With those of a list of the workbook that stands in none of these rows: everybody sees it, and what the shop is judged by only its lead writes.
 *
 * @return array<string, array{string, list<int>}>
 */
function doors(): array
{
    $doors = DOORS;
    foreach (WorkbookList::cases() as $list) {
        $one = $list->value . '/{id}';
        $writes = $list->isOfModels() ? 403 : null;
        $doors += [
            'GET ' . $list->value => ['/' . $list->value, [401, 200, 200, 200, 200]],
            'GET ' . $one => ['/' . $list->value . '/gone', [401, 404, 404, 404, 404]],
            'POST ' . $list->value => ['/' . $list->value, [401, 403, $writes ?? 422, 422, 422]],
            'PUT ' . $one => ['/' . $list->value . '/gone', [401, 403, $writes ?? 404, 404, 404]],
            'DELETE ' . $one => ['/' . $list->value . '/gone', [401, 403, $writes ?? 404, 404, 404]],
        ];
    }

    return $doors;
}

it('knows every door of the API', function (): void {
    $doors = [];
    foreach (Route::getRoutes() as $route) {
        foreach (str_starts_with($route->uri(), 'api/v1/') ? array_diff($route->methods(), ['HEAD']) : [] as $method) {
            $doors[] = $method . ' ' . substr($route->uri(), strlen('api/v1/'));
        }
    }
    expect($doors)->toEqualCanonicalizing(array_keys(doors()));
});

it('opens each door to whom it is for', function (string $door): void {
    $shop = $this->demo();
    $stranger = $this->emptyShop()->refresh();
    $people = [null, ...array_map(static fn(Role $role): User => personOf($shop, $role), [Role::Hand, Role::Coordinator, Role::Lead]), $stranger];
    $before = Shop::query()->whereKey($shop->id)->value('version');
    [$path, $statuses] = doors()[$door];
    $met = [];
    foreach ($people as $who => $person) {
        $this->insteadActingAs($person);
        $met[WHO[$who]] = $this->json(explode(' ', $door)[0], '/api/v1' . $path, ['wire' => 'gone'], ['If-Match' => '"0123456789abcdef"'])->getStatusCode();
    }
    expect($met)->toBe(array_combine(WHO, $statuses))
        ->and(Shop::query()->whereKey($shop->id)->value('version'))->toBe($before);
})->with(array_keys(doors()));

/** @return list<string> places of an answer where a key stands */
function placesOf(mixed $answer, array $keys, string $at = ''): array
{
    $places = [];
    foreach (is_array($answer) ? $answer : [] as $key => $value) {
        $place = $at . '/' . $key;
        array_push($places, ...in_array($key, $keys, true) && $value !== null ? [$place] : [], ...placesOf($value, $keys, $place));
    }

    return $places;
}

it('tells a hand nowhere what a thing costs, and nobody of another shop who is here', function (): void {
    $shop = $this->demo();
    $stranger = $this->emptyShop()->refresh();
    foreach (['tools' => ['price' => 4200, 'per_use' => 10, 'per_month' => 300], 'terminals' => ['price' => 17]] as $list => $costs) {
        $shop->{$list}()->update($costs);
    }
    $shop->kits()->update(['note' => 'NOTE-OF-OURS']);
    [$hand, $lead] = [personOf($shop, Role::Hand), personOf($shop, Role::Lead)];
    $ours = [...$shop->users()->pluck('name'), ...$shop->users()->pluck('email'), 'NOTE-OF-OURS'];
    $seen = ['costs' => [], 'names' => []];
    foreach (DOORS as $door => [$path, $statuses]) {
        // What ships with the program is nobody's.
        if (!str_starts_with($door, 'GET ') || $statuses[0] === 200 || str_starts_with($door, 'GET catalogue')) {
            continue;
        }
        foreach (['hand' => $hand, 'lead' => $lead, 'stranger' => $stranger] as $who => $person) {
            $this->insteadActingAs($person);
            $response = $this->getJson('/api/v1' . $path);
            $text = $response->baseResponse instanceof StreamedResponse ? $response->streamedContent() : (string) $response->getContent();
            if (placesOf(json_decode($text, true), ['price', 'perUse', 'perMonth', 'cost']) !== []) {
                $seen['costs'][$who][] = $door;
            }
            if (array_filter($ours, static fn(string $name): bool => str_contains($text, $name)) !== []) {
                $seen['names'][$who][] = $door;
            }
        }
    }
    // The session tells who oneself is.
    expect($seen['costs']['hand'] ?? [])->toBe([])->and($seen['costs']['stranger'] ?? [])->toBe([])
        ->and($seen['costs']['lead'])->toContain('GET coverage', 'GET tools', 'GET terminals', 'GET terminals/{id}', 'GET plan')
        ->and($seen['names']['stranger'] ?? [])->toBe([])
        ->and($seen['names']['lead'])->toContain('GET kits/{id}');
});
