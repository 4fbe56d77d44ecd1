<?php

declare(strict_types=1);

namespace Tests\Support;

/** A connection of which the test says every byte. */
final class RawConnection
{
    /** @var resource */
    private $socket;

    public function __construct(string $url)
    {
        $socket = stream_socket_client('tcp://' . substr($url, strlen('http://')), timeout: 5);
        assert($socket !== false);
        $this->socket = $socket;
        stream_set_blocking($socket, false);
    }

    public function say(string $bytes): void
    {
        @fwrite($this->socket, $bytes);
    }

    /** Everything until the other side has closed, or the seconds are over. */
    public function hear(float $seconds = 5): string
    {
        $heard = '';
        $end = microtime(true) + $seconds;
        while (!$this->isClosed() && microtime(true) < $end) {
            $heard .= (string) fread($this->socket, 65536);
            usleep(5000);
        }

        return $heard;
    }

    /** Seconds until the other side closes, null when it does not within so many. */
    public function secondsUntilCut(float $most): ?float
    {
        $start = microtime(true);
        while (microtime(true) - $start < $most) {
            fread($this->socket, 65536);
            if ($this->isClosed()) {
                return microtime(true) - $start;
            }
            usleep(50_000);
        }

        return null;
    }

    private function isClosed(): bool
    {
        return feof($this->socket);
    }
}
