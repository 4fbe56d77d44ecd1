<?php

declare(strict_types=1);

namespace App\Gauge;

use Gondrik\Core\Gauge\GaugeFault;
use Gondrik\Core\Gauge\PullEvent;

/** Asks the reader of gauges, which is a process of its own. */
final readonly class Gauges
{
    /** Seconds; it says something each second. */
    private const PATIENCE = 4;

    /** @param string $socket where it is asked; empty where there is none */
    public function __construct(private string $socket) {}

    /** @return list<array{id: string, isThere: bool, isPulling: bool}>|null none where the installation has none; null when the reader does not answer */
    public function all(): ?array
    {
        if ($this->socket === '') {
            return [];
        }
        $reader = $this->ask(['gauge' => null]);
        $answer = $reader === null ? null : json_decode((string) fgets($reader), true);

        return is_array($answer) ? $answer['gauges'] : null;
    }

    /**
     * One pull, as it goes: ready, reading, …, and at last peak or fault; now and then a beat, which is nothing.
     *
     * @param string $test a name that no other pull has; the same again goes on with it
     * @param string $by   a name of whoever asks, that nobody else knows: they may leave a pull of theirs for another
     *
     * @return \Generator<int, array<string, mixed>> each with its `kind`, forces in N
     */
    public function pull(string $gauge, string $test, string $by): \Generator
    {
        $reader = $this->ask(['gauge' => $gauge, 'test' => $test, 'by' => $by]);
        while ($reader !== null && ($line = fgets($reader)) !== false) {
            $event = json_decode($line, true);
            yield is_array($event) ? $event : ['kind' => 'beat'];
            if (in_array($event['kind'] ?? null, ['peak', 'fault'], true)) {
                return;
            }
        }
        yield GaugeReader::written(PullEvent::fault(GaugeFault::NoReader));
    }

    /**
     * @param array<string, mixed> $what
     *
     * @return resource|null
     */
    private function ask(array $what)
    {
        // That it is not there is an answer, and no warning.
        set_error_handler(static fn(): bool => true);
        try {
            $reader = $this->socket === '' ? false : stream_socket_client('unix://' . $this->socket, timeout: self::PATIENCE);
        } finally {
            restore_error_handler();
        }
        if ($reader === false) {
            return null;
        }
        stream_set_timeout($reader, self::PATIENCE);
        fwrite($reader, json_encode($what, JSON_THROW_ON_ERROR) . "\n");

        return $reader;
    }
}
