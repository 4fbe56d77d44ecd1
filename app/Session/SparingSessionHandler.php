<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions in the database, written when something in them has changed, and otherwise once in a while to keep them alive:
 * most requests only read, and a write that nobody needs waits for the disk all the same.
 */
final class SparingSessionHandler extends DatabaseSessionHandler
{
    /** Seconds: by so much at most a session ends early. */
    private const ALIVE_FOR = 60;

    /** @var array<string, array{string, int}> what was read: the data, and when it was written, by session */
    private array $read = [];

    public function read($sessionId): string
    {
        $session = $this->getQuery()->where('id', $sessionId)->first();
        $this->exists = $session !== null;
        if (!$session instanceof \stdClass || $this->expired($session)) {
            return '';
        }
        $data = (string) base64_decode((string) $session->payload, true);
        $this->read[$sessionId] = [$data, (int) $session->last_activity];

        return $data;
    }

    /** Whether there was one of this id, with something in it, when this request began. */
    public function knows(string $sessionId): bool
    {
        return isset($this->read[$sessionId]);
    }

    public function write($sessionId, $data): bool
    {
        [$known, $written] = $this->read[$sessionId] ?? [null, 0];
        if ($data === $known && $this->currentTime() - $written < self::ALIVE_FOR) {
            return true;
        }

        return parent::write($sessionId, $data);
    }
}
