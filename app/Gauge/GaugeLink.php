<?php

declare(strict_types=1);

namespace App\Gauge;

use Gondrik\Core\Gauge\Force;
use Gondrik\Core\Gauge\GaugeFault;
use Gondrik\Core\Gauge\GaugeLine;
use Gondrik\Core\Gauge\GaugeText;
use Gondrik\Core\Gauge\GaugeWord;
use Gondrik\Core\Gauge\PullEvent;
use Gondrik\Core\Gauge\PullTest;
use React\EventLoop\Loop;
use React\Socket\ConnectionInterface;
use React\Socket\Connector;

/** The line to one gauge: connected again whenever it ends, one pull at a time, each told to whoever follows it. */
final class GaugeLink
{
    /** Seconds. */
    private const CONNECTS_AGAIN = 1.0;
    private const CALMS_DOWN = 5.0;
    private const LOOKS = 0.25;

    /** A page whose connection broke comes back within so many seconds. */
    private const KEEPS = 5.0;

    /** A gauge that is there says who it is each second. */
    private const SILENCE = 3.0;

    private ?ConnectionInterface $line = null;

    private GaugeText $text;

    /** N; null until it has said. */
    private ?float $capacity = null;

    /** It has said who it is, in a unit that nobody knows. */
    private bool $isForeign = false;

    private float $heard = 0.0;

    private ?PullTest $test = null;

    /** @var list<PullEvent> of the pull, the last one's until there is another */
    private array $events = [];

    /** @var array<int, \Closure(PullEvent): void> */
    private array $followers = [];

    private int $next = 0;

    private float $followed = 0.0;

    private string $by = '';

    /** @param string $address host:port */
    public function __construct(public readonly string $name, private readonly string $address)
    {
        $this->text = new GaugeText();
    }

    public function open(): void
    {
        $this->connect();
        Loop::addPeriodicTimer(self::LOOKS, $this->look(...));
    }

    public function isThere(): bool
    {
        return $this->line !== null && $this->capacity !== null && microtime(true) - $this->heard < self::SILENCE;
    }

    public function isPulling(): bool
    {
        return $this->test?->isEnded() === false;
    }

    /**
     * Arms the gauge, or goes on with the pull of that name as somebody may who was cut off from it.
     *
     * @param string                    $by   whoever asks: they may leave a pull of theirs for another
     * @param \Closure(PullEvent): void $tell also what has come of it before
     *
     * @return int what to call leave() with
     */
    public function follow(string $test, string $by, \Closure $tell): int
    {
        $number = $this->next++;
        if ($test !== $this->test?->name) {
            if ($this->isPulling() && ($by === $this->by || $this->followers === [])) {
                $this->end(GaugeFault::LetGo);
            }
            if ($this->isPulling() || !$this->isThere()) {
                $tell(PullEvent::fault(match (true) {
                    $this->isPulling() => GaugeFault::Busy,
                    $this->isForeign => GaugeFault::Unit,
                    default => GaugeFault::Away,
                }));

                return $number;
            }
            $this->by = $by;
            $this->test = new PullTest($test, (float) $this->capacity, microtime(true));
            $this->events = [];
            $this->say(GaugeWord::Arm, $test);
        }
        // One at a time: who comes again has left the connection before, and each holds a worker.
        array_map(static fn(\Closure $before) => $before(PullEvent::fault(GaugeFault::LetGo)), $this->followers);
        $this->followers = [$number => $tell];
        array_map($tell, $this->events);

        return $number;
    }

    public function leave(int $number): void
    {
        unset($this->followers[$number]);
        $this->followed = microtime(true);
    }

    private function connect(): void
    {
        (new Connector(['timeout' => 3.0, 'dns' => false]))->connect($this->address)->then($this->begin(...), fn() => $this->connectLater(self::CONNECTS_AGAIN));
    }

    private function connectLater(float $seconds): void
    {
        Loop::addTimer($seconds, $this->connect(...));
    }

    private function begin(ConnectionInterface $line): void
    {
        [$this->line, $this->text, $this->heard] = [$line, new GaugeText(), microtime(true)];
        $line->on('data', $this->hear(...));
        $line->on('close', function (): void {
            $pause = $this->text->isFlooded() ? self::CALMS_DOWN : self::CONNECTS_AGAIN;
            [$this->line, $this->capacity, $this->isForeign] = [null, null, false];
            $this->tell($this->test?->end(GaugeFault::Gone) ?? []);
            $this->connectLater($pause);
        });
    }

    private function hear(string $bytes): void
    {
        $now = microtime(true);
        $lines = $this->text->hear($bytes, $now);
        if ($this->text->isFlooded()) {
            $this->end(GaugeFault::Flood);
            $this->line?->close();

            return;
        }
        foreach ($lines as $line) {
            $this->heard = $line === null ? $this->heard : $now;
            if ($line?->word === GaugeWord::Gauge) {
                $this->capacity = Force::read($line->members[1], $line->members[2])?->newtons;
                $this->isForeign = $this->capacity === null;
            }
            $this->tell($this->test?->hear($line, $now) ?? []);
            // Said until it has come across, so the gauge is told each time.
            if ($line?->word === GaugeWord::Peak) {
                $this->say(GaugeWord::Taken, $line->members[0]);
            }
        }
    }

    private function look(): void
    {
        $now = microtime(true);
        $this->tell($this->test?->pass($now) ?? []);
        if ($this->isPulling() && $this->followers === [] && $now - $this->followed > self::KEEPS) {
            $this->end(GaugeFault::LetGo);
        }
    }

    private function end(GaugeFault $fault): void
    {
        $this->tell($this->test?->end($fault) ?? []);
    }

    /** @param list<PullEvent> $events */
    private function tell(array $events): void
    {
        foreach ($events as $event) {
            $this->events[] = $event;
            if ($event->fault !== null && $this->test !== null) {
                $this->say(GaugeWord::Stop, $this->test->name);
            }
            foreach ($this->followers as $tell) {
                $tell($event);
            }
        }
    }

    private function say(GaugeWord $word, string $test): void
    {
        $this->line?->write(GaugeLine::of($word, $test)->write() . "\r\n");
    }
}
