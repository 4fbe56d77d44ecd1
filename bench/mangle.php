<?php

declare(strict_types=1);

/*
 * Sends bodies put out of shape to every route that takes one, by its description, to a running server with the demo
 * (GONDRIK_URL, else http://127.0.0.1:8460) that was started for that: what happens to be right is written.
 *
 * php bench/mangle.php [HOW MANY TO EACH] [SEED]    fifty, and another seed each time
 *
 * Each is answered without an error of the server's own; each refusal is problem+json, says its status, and leaves the shop as
 * it was. Ends with 1 where one is not, and says with which seed.
 */

use Psr\Http\Message\ResponseInterface;
use Tests\Support\MangledRequests;
use Tests\Support\Page;

require __DIR__ . '/../vendor/autoload.php';

/** @return string|null what is not as it must be */
function flaw(ResponseInterface $response, int $before, int $after): ?string
{
    $problem = json_decode((string) $response->getBody(), true);

    return match (true) {
        $response->getStatusCode() < 400 => null,
        $response->getStatusCode() >= 500 => 'an error of the server',
        $response->getHeaderLine('Content-Type') !== 'application/problem+json' => 'no problem+json',
        !is_array($problem) || ($problem['status'] ?? null) !== $response->getStatusCode() || ($problem['title'] ?? '') === '' => 'no problem',
        $before !== $after => 'refused, and written',
        default => null,
    };
}

$many = (int) ($argv[1] ?? 50);
$seed = (int) ($argv[2] ?? random_int(1, 1_000_000_000));
$page = (new Page(getenv('GONDRIK_URL') ?: 'http://127.0.0.1:8460'))->signIn();
$version = static fn(): int => json_decode((string) $page->get('/api/v1/version')->getBody(), true)['version'];
[$sent, $wrong] = [0, 0];
foreach (MangledRequests::routes() as $number => [$method, $path]) {
    $statuses = [];
    for ($one = 0; $one < $many; $one++) {
        [$filled, $body] = (new MangledRequests($seed + 100_000 * $number + $one))->to($method, $path);
        $before = $version();
        $response = $page->send(strtoupper($method), '/api/v1' . $filled, ['body' => $body, 'headers' => ['Content-Type' => 'application/json', 'If-Match' => '"0123456789abcdef"']]);
        $statuses[$response->getStatusCode()] = ($statuses[$response->getStatusCode()] ?? 0) + 1;
        $flaw = flaw($response, $before, $version());
        $sent++;
        if ($flaw !== null) {
            $wrong++;
            printf("%s: %s %s %s\n    %s\n    %s\n", $flaw, $response->getStatusCode(), $method, $filled, mb_strimwidth($body, 0, 500, '…'), mb_strimwidth((string) $response->getBody(), 0, 300, '…'));
        }
    }
    ksort($statuses);
    printf("%-4s %-40s %s\n", strtoupper($method), $path, json_encode($statuses));
}
printf("%d sent with seed %d, %d not as they must be\n", $sent, $seed, $wrong);
exit($wrong === 0 ? 0 : 1);
