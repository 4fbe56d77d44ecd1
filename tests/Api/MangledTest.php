<?php

declare(strict_types=1);

use Tests\Support\MangledRequests;

/*
 * Bodies put out of shape, to every route that takes one: refused in words, and nothing is another. A few of them here;
 * bench/mangle.php sends thousands, GONDRIK_MANGLED=200 as many here.
 */

it('refuses in words whatever is sent to', function (string $method, string $path): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $seed = crc32($method . $path);
    foreach (range(1, (int) (getenv('GONDRIK_MANGLED') ?: 4)) as $number) {
        [$filled, $body] = (new MangledRequests($seed + $number))->to($method, $path);
        $version = $shop->refresh()->version;
        $response = $this->call($method, '/api/v1' . $filled, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
        $told = $response->status() . ' ' . $method . ' ' . $filled . ' ' . mb_strimwidth($body, 0, 600, '…') . ' -> ' . mb_strimwidth((string) $response->getContent(), 0, 300, '…');
        expect($response->status())->toBeLessThan(500, $told);
        if ($response->status() >= 400) {
            expect((string) $response->headers->get('Content-Type'))->toBe('application/problem+json', $told)
                ->and($shop->refresh()->version)->toBe($version, $told);
        }
    }
})->with(fn(): array => MangledRequests::routes());
