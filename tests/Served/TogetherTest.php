<?php

declare(strict_types=1);

use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\Page;

const READ = ['/api/v1/workbook', '/api/v1/coverage?kit=pylon-backpack&scope=tower-7', '/api/v1/coverage?kit=panel-bench&scope=station-panel'];

/** The demo with something changed in every list, so that half of it shows. */
function changedDemo(string $text): string
{
    $document = json_decode($text);
    $document->houseRules = (object) ['preset' => 'marine'];
    foreach (['wires', 'terminals', 'tools', 'kits', 'scopes'] as $list) {
        foreach ($document->{$list} as $thing) {
            $thing->name .= ' (changed)';
        }
    }
    foreach ($document->scopes as $scope) {
        $scope->lines = array_reverse(array_slice($scope->lines, 1));
    }
    foreach ($document->kits as $kit) {
        $kit->tools = array_reverse($kit->tools);
    }

    return (string) json_encode($document);
}

/** @return array<string, string> */
function readAll(Page $page): array
{
    return array_combine(READ, array_map(static fn(string $path): string => (string) $page->get($path)->getBody(), READ));
}

it('shows readers one state or the other, never half of each, while an import is applied and taken back', function (): void {
    $page = Page::served()->signIn();
    $legal = ['before' => readAll($page)];
    $id = json_decode((string) $page->upload(changedDemo($legal['before'][READ[0]]))->getBody())->id;
    expect($page->post("/api/v1/imports/{$id}/apply")->getStatusCode())->toBe(200);
    $legal['after'] = readAll($page);
    expect($page->post("/api/v1/imports/{$id}/undo")->getStatusCode())->toBe(204);
    foreach (READ as $path) {
        expect($legal['after'][$path])->not->toBe($legal['before'][$path]);
    }

    $writing = new class {
        public int $left = 3;

        /** @var array<string, int> */
        public array $done = [];

        /** @var array<string, array<string, true>> */
        public array $seen = [];
    };
    // Three that write the same at once: each is told that it was done, or that another was quicker.
    $writer = static fn(): Coroutine => new Coroutine(static function () use ($page, $id, $writing): Generator {
        foreach (range(1, 5) as $ignored) {
            foreach (['apply', 'undo'] as $what) {
                // All three are the same person, of whom one at a time is served; as the page does, they ask again.
                do {
                    /** @var ResponseInterface $response */
                    $response = yield $page->later('POST', "/api/v1/imports/{$id}/{$what}");
                } while ($response->getStatusCode() === 503 && str_contains((string) $response->getBody(), 'urn:gondrik:problem:waits'));
                $said = $what . ' ' . $response->getStatusCode();
                $writing->done[$said] = ($writing->done[$said] ?? 0) + 1;
            }
        }
        $writing->left--;
    });
    $reader = static fn(string $path): Coroutine => new Coroutine(static function () use ($page, $path, $legal, $writing): Generator {
        while ($writing->left > 0) {
            /** @var ResponseInterface $response */
            $response = yield $page->later('GET', $path);
            $state = array_search((string) $response->getBody(), array_map(static fn(array $texts): string => $texts[$path], $legal), true);
            $writing->seen[$path][$state === false ? 'mixed ' . $response->getStatusCode() : $state] = true;
        }
    });
    Utils::all([$writer(), $writer(), $writer(), ...array_map($reader, [...READ, ...READ])])->wait();

    foreach (READ as $path) {
        expect(array_keys($writing->seen[$path]))->toEqualCanonicalizing(['before', 'after'], $path);
    }
    expect(array_diff(array_keys($writing->done), ['apply 200', 'undo 204', 'undo 409']))->toBe([])
        ->and($writing->done['undo 204'])->toBeGreaterThan(5);
    $page->post("/api/v1/imports/{$id}/undo");
    expect(readAll($page))->toBe($legal['before']);
});

it('has news for seven hundred pages that ask in the same moment', function (): void {
    $page = Page::served()->signIn();
    $answers = Utils::settle(array_map(static fn(): mixed => $page->later('GET', '/api/v1/version'), range(1, 700)))->wait();
    expect(array_count_values(array_map(static fn(array $answer): int => isset($answer['value']) ? $answer['value']->getStatusCode() : 0, $answers)))->toBe([200 => 700]);
});

it('tells who does not fit into the queue to come again, and resets nobody', function (): void {
    $page = Page::served()->signIn();
    $answers = Utils::settle(array_map(static fn(): mixed => $page->later('GET', READ[1]), range(1, 1200)))->wait();
    $statuses = [];
    foreach ($answers as $answer) {
        $response = $answer['value'] ?? null;
        $status = $response?->getStatusCode() ?? 'broken: ' . $answer['reason']->getMessage();
        $statuses[$status] = ($statuses[$status] ?? 0) + 1;
        if ($status === 503) {
            expect($response->getHeaderLine('Retry-After'))->toBe('5')->and($response->getHeaderLine('Content-Type'))->toBe('application/problem+json');
        }
    }
    expect(array_keys($statuses))->toEqualCanonicalizing([200, 503])->and($statuses[200])->toBeGreaterThan(400);
});

it('takes a hundred thousand lines in, gives them out again and takes them back', function (): void {
    $page = Page::served()->signIn();
    $before = (string) $page->get('/api/v1/workbook')->getBody();
    $lines = array_map(static fn(int $n): array => ['id' => 'line-' . $n, 'wire' => 'flex-1', 'terminal' => 'ferrule-1', 'quantity' => $n % 9 + 1], range(1, 100_000));
    $import = $page->upload((string) json_encode([...(array) json_decode($before), 'scopes' => [['id' => 'many', 'name' => 'Many', 'lines' => $lines]]]));
    expect($import->getStatusCode())->toBe(201);
    $id = json_decode((string) $import->getBody())->id;
    expect($page->post("/api/v1/imports/{$id}/apply")->getStatusCode())->toBe(200);
    $many = array_column(json_decode((string) $page->get('/api/v1/workbook')->getBody())->scopes, null, 'id')['many'];
    expect(count($many->lines))->toBe(100_000)->and($many->lines[99_999])->toEqual((object) end($lines));
    // More than one request is given: it says so, and the server stays well.
    $coverage = $page->get('/api/v1/coverage?kit=pylon-backpack&scope=many');
    expect($coverage->getStatusCode())->toBe(422)->and((string) $coverage->getBody())->toContain('more memory than one request is given');
    expect($page->post("/api/v1/imports/{$id}/undo")->getStatusCode())->toBe(204)
        ->and((string) $page->get('/api/v1/workbook')->getBody())->toBe($before);
});
