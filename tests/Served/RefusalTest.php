<?php

declare(strict_types=1);

use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Tests\Support\Mangled;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\Page;
use Tests\Support\RawConnection;

/** @return list<string> what of a refusal is not as it must be */
function flaws(ResponseInterface $response): array
{
    $problem = json_decode((string) $response->getBody(), true);

    return array_keys(array_filter([
        'type ' . $response->getHeaderLine('Content-Type') => $response->getHeaderLine('Content-Type') !== 'application/problem+json',
        'status ' . $response->getStatusCode() => !is_array($problem) || $problem['status'] !== $response->getStatusCode(),
        'sentence ' . $response->getBody() => !is_array($problem) || preg_match('~\.$~', (string) $problem['detail']) !== 1,
    ]));
}

it('refuses as problem+json what nginx does not let through', function (string $sent, int $status): void {
    $connection = new RawConnection(Page::served()->url);
    $connection->say($sent);
    $heard = $connection->hear(3);
    $body = substr($heard, (int) strpos($heard, "\r\n\r\n") + 4);
    expect($heard)->toContain("HTTP/1.1 {$status} ")->toContain('Content-Type: application/problem+json')
        ->and(json_decode($body, true)['status'] ?? $body)->toBe($status);
})->with([
    'no request at all' => ["nonsense\r\n\r\n", 400],
    'no host' => ["GET /api/v1/kits HTTP/1.1\r\n\r\n", 400],
    'an address without end' => ['GET /api/v1/kits?' . str_repeat('a', 70_000) . " HTTP/1.1\r\nHost: a\r\n\r\n", 400],
    'a header without end' => ["GET /api/v1/kits HTTP/1.1\r\nHost: a\r\nCookie: " . str_repeat('a', 70_000) . "\r\n\r\n", 400],
    'a sign-in of 9 MB' => ["POST /api/v1/session HTTP/1.1\r\nHost: a\r\nContent-Type: application/json\r\nContent-Length: 9437184\r\nConnection: close\r\n\r\n", 413],
    'a workbook of 20 MB' => ["POST /api/v1/imports HTTP/1.1\r\nHost: a\r\nContent-Length: 20971520\r\nConnection: close\r\n\r\n", 413],
    'two megabytes where no file is taken' => ["DELETE /api/v1/session HTTP/1.1\r\nHost: a\r\nContent-Length: 2097152\r\nConnection: close\r\n\r\n", 413],
    'a method of no address' => ["TRACE /api/v1/kits HTTP/1.1\r\nHost: a\r\nConnection: close\r\n\r\n", 405],
    'two lengths' => ["POST /api/v1/session HTTP/1.1\r\nHost: a\r\nContent-Length: 1\r\nContent-Length: 2\r\n\r\n", 400],
]);

it('takes a table of two megabytes as a file, as it says', function (): void {
    $page = Page::served()->signIn();
    $row = str_repeat('a', 100) . "\n";
    foreach (['/api/v1/sheets', '/api/v1/tables/kits/rows'] as $path) {
        $response = $page->post($path, ['multipart' => [['name' => 'table', 'contents' => str_repeat($row, 20_000), 'filename' => 'long.csv']]]);
        expect($response->getStatusCode())->toBe(200, (string) $response->getBody());
    }
});

it('gives out files of the page and nothing else', function (string $path, int $status): void {
    expect(Page::served()->get($path)->getStatusCode())->toBe($status);
})->with([
    ['/', 200], ['/cover?kit=a', 200], ['/shop', 200], ['/no/such/place', 200],
    ['/.built', 404], ['/.env', 404], ['/a/.git/config', 404], ['/assets/nothing.js', 404], ['/nothing.js', 404], ['/index.php', 404], ['/index.html.bak', 404],
    ['/%2e%2e/%2e%2e/artisan', 400], ['/assets/..%2f..%2fartisan', 400],
]);

it('cuts off who says nothing, half of it, or too slowly', function (): void {
    $url = Page::served()->url;
    $connections = [
        'nothing' => new RawConnection($url),
        'half a header' => new RawConnection($url),
        'half a body' => new RawConnection($url),
    ];
    $connections['half a header']->say("GET /api/v1/kits HTTP/1.1\r\nHost: a\r\nX-");
    $connections['half a body']->say("POST /api/v1/session HTTP/1.1\r\nHost: a\r\nContent-Length: 100\r\n\r\n{\"email");
    // They wait at the same time: the first takes ten seconds, the others are done by then.
    foreach ($connections as $name => $connection) {
        expect($connection->secondsUntilCut(20))->not->toBeNull($name);
    }
    expect(Page::served()->get('/api/v1/health')->getStatusCode())->toBe(200);
});

it('answers 300 mangled workbooks with a refusal or a plan, and the shop stays as it is', function (): void {
    $page = Page::served()->signIn();
    $before = (string) $page->get('/api/v1/workbook')->getBody();
    $mangled = new Mangled(new Random\Randomizer(new Random\Engine\Mt19937(20261125)));
    $statuses = [];
    foreach (range(1, 300) as $seed) {
        $response = $page->upload($mangled->text(GeneratedWorkbook::of($seed, 4, 3)));
        $statuses[$response->getStatusCode()] = ($statuses[$response->getStatusCode()] ?? 0) + 1;
        if ($response->getStatusCode() !== 201) {
            expect($response->getStatusCode())->toBe(422)->and(flaws($response))->toBe([]);
        }
    }
    expect(array_keys($statuses))->toEqualCanonicalizing([201, 422])
        ->and((string) $page->get('/api/v1/workbook')->getBody())->toBe($before);
});

it('answers no odd request with an error of its own', function (): void {
    $page = Page::served()->signIn();
    $random = new Random\Randomizer(new Random\Engine\Mt19937(6));
    $one = static fn(array $choices): string => $choices[$random->getInt(0, count($choices) - 1)];
    $bytes = static fn(): string => rawurlencode($random->getBytes($random->getInt(1, 12)));
    $found = [];
    foreach (range(1, 300) as $ignored) {
        $method = $one(['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'HEAD', 'OPTIONS', 'TRACE', 'BREW']);
        $path = $one(['/api/v1/kits', '/api/v1/coverage', '/api/v1/session', '/api/v1/imports', '/api/v1/imports/' . $bytes() . '/apply', '/api/v1/' . $bytes(), '/sanctum/csrf-cookie', '/api/v1/coverage/lines/' . $bytes() . '/steps/' . $bytes() . '/others', '/api/v1/health']);
        $query = $one(['', '?kit=' . $bytes() . '&scope=tower-7', '?kit[][a]=1&scope[]=2', '?' . $bytes() . '=' . $bytes(), '?_method=DELETE', '?length=' . $bytes()]);
        $response = (new GuzzleHttp\Client(['base_uri' => $page->url, 'http_errors' => false, 'timeout' => 30]))->request($method, $path . $query, [
            'headers' => array_filter([
                'Accept' => $one(['application/json', '*/*', 'text/html', 'q=;;', '']),
                'Referer' => $one([$page->url . '/', 'nonsense', '']),
                'Authorization' => $one(['', 'Bearer ' . $bytes(), 'Bearer 1|' . $bytes(), 'Basic ' . base64_encode($bytes())]),
                'Cookie' => $one(['', 'gondrik_session=' . $bytes(), 'XSRF-TOKEN=' . $bytes() . '; gondrik_session=eyJpdiI6IjEifQ%3D%3D']),
                'Content-Type' => $one(['', 'application/json', 'multipart/form-data', 'multipart/form-data; boundary=', 'text/' . $bytes()]),
                'X-HTTP-Method-Override' => $one(['', 'DELETE', 'BREW']),
            ]),
            'body' => $one(['', '{', '[]', 'null', '{"email":{"a":1},"password":[]}', $random->getBytes(40), '{"email":"' . str_repeat('[', 600) . '"}']),
        ]);
        if ($response->getStatusCode() >= 500 || ($response->getStatusCode() >= 400 && $method !== 'HEAD' && flaws($response) !== [])) {
            $found[] = $method . ' ' . $path . $query . ': ' . $response->getStatusCode() . ' ' . substr((string) $response->getBody(), 0, 200);
        }
    }
    expect($found)->toBe([]);
});
