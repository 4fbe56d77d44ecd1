<?php

declare(strict_types=1);

namespace Tests\Support;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;

/** Somebody at the page, over HTTP: keeps cookies and sends what the page sends. */
final readonly class Page
{
    private Client $client;

    private CookieJar $cookies;

    public function __construct(public string $url)
    {
        $this->cookies = new CookieJar();
        $this->client = new Client(['base_uri' => $url, 'cookies' => $this->cookies, 'http_errors' => false, 'timeout' => 200]);
    }

    /** The server that bin/test has started. */
    public static function served(): self
    {
        return new self((string) getenv('GONDRIK_URL'));
    }

    public function signIn(string $email = 'lead@tarnholt.example', string $password = 'cable-car'): self
    {
        $this->get('/sanctum/csrf-cookie');
        $try = fn(): ResponseInterface => $this->post('/api/v1/session', ['json' => ['email' => $email, 'password' => $password]]);
        $response = $try();
        if ($response->getStatusCode() === 429) {
            // Several tests within a minute sign the same person in.
            sleep((int) $response->getHeaderLine('Retry-After'));
            $response = $try();
        }
        if ($response->getStatusCode() !== 200) {
            throw new \RuntimeException('Sign-in: ' . $response->getStatusCode());
        }

        return $this;
    }

    public function get(string $path): ResponseInterface
    {
        return $this->send('GET', $path);
    }

    /** @param array<string, mixed> $options */
    public function post(string $path, array $options = []): ResponseInterface
    {
        return $this->send('POST', $path, $options);
    }

    public function upload(string $content): ResponseInterface
    {
        return $this->post('/api/v1/imports', ['multipart' => [['name' => 'workbook', 'contents' => $content, 'filename' => 'book.json']]]);
    }

    /** @param array<string, mixed> $options */
    public function send(string $method, string $path, array $options = []): ResponseInterface
    {
        $response = $this->later($method, $path, $options)->wait();
        assert($response instanceof ResponseInterface);

        return $response;
    }

    /** @param array<string, mixed> $options */
    public function later(string $method, string $path, array $options = []): PromiseInterface
    {
        $token = $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue();
        $headers = ['Accept' => 'application/json', 'Referer' => $this->url . '/', ...$token === null ? [] : ['X-XSRF-TOKEN' => rawurldecode($token)]];

        return $this->client->requestAsync($method, $path, [...$options, 'headers' => [...$headers, ...$options['headers'] ?? []]]);
    }
}
