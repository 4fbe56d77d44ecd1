<?php

declare(strict_types=1);

use Tests\Support\Page;

function nodeOf(Page $page): int
{
    return json_decode((string) $page->get('/api/v1/health')->getBody(), true)['node'];
}

it('is served by two nodes that take turns', function (): void {
    $page = Page::served();
    $nodes = array_map(static fn(): int => nodeOf($page), range(1, 20));
    expect(array_values(array_unique($nodes)))->toEqualCanonicalizing([1, 2]);
});

it('signs in on whichever node, and every node knows it', function (): void {
    $page = Page::served()->signIn();
    foreach (range(1, 20) as $ignored) {
        expect($page->get('/api/v1/kits')->getStatusCode())->toBe(200);
    }
    $page->send('DELETE', '/api/v1/session');
    foreach (range(1, 10) as $ignored) {
        expect($page->get('/api/v1/kits')->getStatusCode())->toBe(401);
    }
});

it('counts tries to sign in on all nodes together', function (): void {
    $page = Page::served();
    $page->get('/sanctum/csrf-cookie');
    $email = bin2hex(random_bytes(6)) . '@example.test';
    $try = static fn(): int => $page->post('/api/v1/session', ['json' => ['email' => $email, 'password' => 'guess']])->getStatusCode();
    expect(array_map(static fn(): int => $try(), range(1, 8)))->toBe([422, 422, 422, 422, 422, 422, 429, 429]);
});

it('brings an import in on one node, applies it on another, and exports the same from both', function (): void {
    $page = Page::served()->signIn();
    $before = (string) $page->get('/api/v1/workbook')->getBody();
    $document = json_decode($before);
    $document->wires[0]->name = 'A wire by another name';
    $id = json_decode((string) $page->upload((string) json_encode($document))->getBody())->id;
    // One more request in between, so that the next goes to the other node.
    nodeOf($page);
    expect($page->post("/api/v1/imports/{$id}/apply")->getStatusCode())->toBe(200);
    $exports = array_map(static fn(): string => (string) $page->get('/api/v1/workbook')->getBody(), range(1, 4));
    expect(array_unique($exports))->toHaveCount(1)->and($exports[0])->toContain('A wire by another name');
    expect($page->post("/api/v1/imports/{$id}/undo")->getStatusCode())->toBe(204)
        ->and((string) $page->get('/api/v1/workbook')->getBody())->toBe($before);
});
