<?php

declare(strict_types=1);

namespace App\Gauge;

use Gondrik\Core\Gauge\GaugeFault;
use Gondrik\Core\Gauge\PullEvent;
use Gondrik\Core\Wording\Words;
use React\EventLoop\Loop;
use React\Socket\ConnectionInterface;
use React\Socket\UnixServer;

/**
 * Holds the lines to all gauges, in a process of its own, and tells those who ask at its socket what comes over them: a line of JSON is
 * asked, lines of JSON are answered.
 */
final class GaugeReader
{
    /** Letters of a question. */
    private const LONGEST = 400;

    /** @var array<string, GaugeLink> */
    private array $links = [];

    /** @param array<string, string> $gauges addresses, host:port, by name */
    public function __construct(array $gauges, private readonly string $socket)
    {
        foreach ($gauges as $name => $address) {
            $this->links[$name] = new GaugeLink((string) $name, $address);
        }
    }

    /** Until the process is ended. */
    public function run(): void
    {
        @unlink($this->socket);
        (new UnixServer($this->socket))->on('connection', $this->serve(...));
        array_map(static fn(GaugeLink $link) => $link->open(), $this->links);
        Loop::run();
    }

    /** @return array<string, mixed> */
    public static function written(PullEvent $event): array
    {
        return [
            'kind' => $event->kind,
            'force' => $event->force?->newtons,
            'text' => $event->force?->text,
            ...$event->at === null ? [] : ['at' => $event->at],
            ...$event->fault === null ? [] : ['code' => $event->fault->value, 'says' => Words::for('gauge', $event->fault->value), 'said' => $event->said],
            ...$event->kind === 'peak' ? ['lost' => $event->lost] : [],
        ];
    }

    private function serve(ConnectionInterface $asker): void
    {
        $heard = '';
        $asker->on('data', function (string $bytes) use ($asker, &$heard): void {
            $heard .= $bytes;
            if (strlen($heard) > self::LONGEST) {
                $asker->close();
            } elseif (str_ends_with($heard, "\n")) {
                $asked = json_decode($heard, true);
                $heard = '';
                $this->answer($asker, is_array($asked) ? $asked : []);
            }
        });
    }

    /** @param array<mixed> $asked */
    private function answer(ConnectionInterface $asker, array $asked): void
    {
        $name = is_string($asked['gauge'] ?? null) ? $asked['gauge'] : null;
        if ($name === null) {
            self::say($asker, ['gauges' => array_map(static fn(GaugeLink $link): array => ['id' => $link->name, 'isThere' => $link->isThere(), 'isPulling' => $link->isPulling()], array_values($this->links))], true);

            return;
        }
        $link = $this->links[$name] ?? null;
        $tell = static fn(PullEvent $event) => self::say($asker, self::written($event), $event->isLast());
        if ($link === null) {
            $tell(PullEvent::fault(GaugeFault::Away));

            return;
        }
        $number = $link->follow(self::text($asked, 'test'), self::text($asked, 'by'), $tell);
        // By this whoever is asked for them notices that they have gone.
        $beat = Loop::addPeriodicTimer(1.0, static fn() => self::say($asker, ['kind' => 'beat']));
        $asker->on('close', static function () use ($link, $number, $beat): void {
            Loop::cancelTimer($beat);
            $link->leave($number);
        });
    }

    /** @param array<mixed> $asked */
    private static function text(array $asked, string $what): string
    {
        return is_string($asked[$what] ?? null) ? $asked[$what] : '';
    }

    /** @param array<string, mixed> $what */
    private static function say(ConnectionInterface $asker, array $what, bool $isLast = false): void
    {
        $line = json_encode($what, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE) . "\n";
        $isLast ? $asker->end($line) : $asker->write($line);
    }
}
