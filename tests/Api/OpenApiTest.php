<?php

declare(strict_types=1);

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Support\Facades\Route;
use Tests\Support\OpenApi;

it('describes every route and no other', function (): void {
    $routes = [];
    foreach (Route::getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/v1/')) {
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $routes[] = strtolower($method) . ' ' . substr($route->uri(), strlen('api/v1'));
            }
        }
    }
    $described = [];
    foreach (get_object_vars(OpenApi::document()->paths) as $path => $methods) {
        foreach (array_keys(get_object_vars($methods)) as $method) {
            $described[] = $method . ' ' . $path;
        }
    }
    sort($routes);
    sort($described);
    expect($routes)->toBe($described);
});

it('answers as described', function (): void {
    $demo = $this->demo();
    expect(OpenApi::mismatch($this->getJson('/api/v1/session'), 'get', '/session'))->toBe('')
        ->and(OpenApi::mismatch($this->getJson('/api/v1/kits'), 'get', '/kits'))->toBe('')
        ->and(OpenApi::mismatch($this->postJson('/api/v1/session', ['email' => 'x', 'password' => 'y']), 'post', '/session'))->toBe('');
    $this->actingAs($this->lead($demo));
    $pair = 'kit=pylon-backpack&scope=tower-7';
    $import = $this->upload($this->demoText());
    foreach ([
        ['get', '/session', $this->getJson('/api/v1/session')],
        ['get', '/kits', $this->getJson('/api/v1/kits')],
        ['get', '/tools', $this->getJson('/api/v1/tools')],
        ['get', '/scopes', $this->getJson('/api/v1/scopes')],
        ['get', '/coverage', $this->getJson('/api/v1/coverage?' . $pair)],
        ['get', '/coverage', $this->getJson('/api/v1/coverage?kit=panel-bench&scope=station-panel')],
        ['get', '/coverage', $this->getJson('/api/v1/coverage?kit=none&scope=tower-7')],
        ['get', '/coverage', $this->getJson('/api/v1/coverage')],
        ['get', '/coverage/lines/{line}/steps/{step}/others', $this->getJson('/api/v1/coverage/lines/heat-15/steps/2/others?' . $pair)],
        ['get', '/workbook', $this->get('/api/v1/workbook')],
        ['get', '/reasons', $this->getJson('/api/v1/reasons')],
        ['post', '/imports', $import],
        ['post', '/imports', $this->upload('{"gondrik":1,"wires":[{}]}')],
        ['post', '/imports/{import}/apply', $this->postJson('/api/v1/imports/' . $import->json('id') . '/apply')],
        ['delete', '/session', $this->deleteJson('/api/v1/session')],
    ] as [$method, $path, $response]) {
        expect(OpenApi::mismatch($response, $method, $path))->toBe('', $method . ' ' . $path);
    }
});

it('describes every hole that there can be', function (int $seed): void {
    $workbook = (new WorkbookCodec())->readStored(GeneratedWorkbook::of($seed, 40, 6));
    $report = (new ReportWriter())->report(Coverage::onPaper($workbook->kits[0], $workbook->scopes[0], $workbook->rulesFor($workbook->scopes[0])));
    expect($report['holes'])->not->toBe([]);
    foreach ($report['holes'] as $hole) {
        expect(OpenApi::flaws(json_decode((string) json_encode($hole)), 'components/schemas/Hole'))->toBe('');
    }
})->with(range(1, 12));

it('would notice an answer that is not as described', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->getJson('/api/v1/kits');
    $response->setContent('{"data":[{"id":5}]}');
    expect(OpenApi::mismatch($response, 'get', '/kits'))->not->toBe('');
});

it('serves its description and the schema of the workbook', function (): void {
    $this->get('/api/v1/openapi.json')->assertOk();
    $this->get('/api/v1/workbook.schema.json')->assertOk()->assertHeader('Content-Type', 'application/schema+json');
});

it('writes no key of a thing down twice: what the workbook says of one is taken from there', function (): void {
    $file = (string) file_get_contents(app_path('Http/openapi.json'));
    $served = json_decode((string) $this->get('/api/v1/openapi.json')->assertOk()->assertHeader('Content-Type', 'application/json')->getContent());
    expect($served)->toEqual(OpenApi::document())->and($file)->not->toContain('/properties/');
    foreach (['wire' => 'Wire', 'terminal' => 'Terminal', 'tool' => 'Tool', 'kit' => 'Kit', 'line' => 'Line', 'scope' => 'Scope'] as $thing => $name) {
        $keys = array_keys(get_object_vars(json_decode((string) file_get_contents(base_path('core/data/workbook.schema.json')))->{'$defs'}->{$thing}->properties));
        $draft = $served->components->schemas->{$name . 'Draft'};
        $kept = $served->components->schemas->{$name . 'Kept'};
        expect(array_keys(get_object_vars($draft->properties)))->toEqualCanonicalizing($keys, $name)
            ->and($draft->required)->not->toContain('id')
            ->and(array_keys(get_object_vars($kept->properties)))->toEqualCanonicalizing([...array_diff($keys, $thing === 'scope' ? ['lines'] : []), 'version'], $name)
            ->and($kept->required)->toContain('id', 'version')
            ->and([$draft->additionalProperties, $kept->additionalProperties])->toBe([false, false]);
    }
});
