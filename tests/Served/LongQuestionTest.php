<?php

declare(strict_types=1);

use GuzzleHttp\Exception\ConnectException;
use Symfony\Component\Process\Process;
use Tests\Support\Page;

/* Questions that take long, over HTTP: who stops whom, and when they end. The plan of bench/hard-plan.php takes all it is given. */

const HARD = '/api/v1/plan?kit=hard&scopes=hard';
const EASY = '/api/v1/plan?kit=apprentice-box&scopes=boards';

/** The question of the hard plan, asked by somebody who then goes away. */
function askedAndLeft(Page $page, float $after): void
{
    expect(fn() => $page->send('GET', HARD, ['timeout' => $after]))->toThrow(ConnectException::class);
}

it('ends a long question when its asker goes away, refuses a further one of theirs while it lasts, and keeps nobody else', function (): void {
    $page = Page::served()->signIn();
    $other = Page::served()->signIn('coordinator@tarnholt.example');
    $hard = new Process(['php', dirname(__DIR__, 2) . '/bench/hard-plan.php']);
    $id = json_decode((string) $page->upload($hard->mustRun()->getOutput())->getBody())->id;
    expect($page->post("/api/v1/imports/{$id}/apply")->getStatusCode())->toBe(200);
    try {
        $asked = $page->later('GET', HARD, ['timeout' => 7]);
        // It is sent, and at work, while these are answered.
        foreach (range(1, 5) as $ignored) {
            expect($page->get('/api/v1/kits')->getStatusCode())->toBe(200);
        }
        $refused = $page->get(EASY);
        expect($refused->getStatusCode())->toBe(503)->and(json_decode((string) $refused->getBody())->type)->toBe('urn:gondrik:problem:waits')
            ->and($other->get(EASY)->getStatusCode())->toBe(200);
        expect(fn() => $asked->wait())->toThrow(ConnectException::class);
        askedAndLeft($page, 2.5);
        // One that was not ended would hold its person's turn for twenty seconds, and refuse this after three.
        expect($page->get(EASY)->getStatusCode())->toBe(200);
    } finally {
        expect($page->post("/api/v1/imports/{$id}/undo")->getStatusCode())->toBe(204);
    }
});
