<?php

declare(strict_types=1);

namespace App\Gauge;

use Gondrik\Core\Gauge\GaugeLine;
use Gondrik\Core\Gauge\GaugeText;
use Gondrik\Core\Gauge\GaugeUnit;
use Gondrik\Core\Gauge\GaugeWord;
use Gondrik\Core\Gauge\SimulatedGauge;
use Gondrik\Core\Gauge\SimulatedLine;
use Gondrik\Core\Gauge\SimulatedSettings;
use React\EventLoop\Loop;
use React\EventLoop\TimerInterface;
use React\Socket\ConnectionInterface;
use React\Socket\TcpServer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** bin/gauge: stands in for a pull gauge on a serial line, over TCP on loopback (docs/gauge.md). */
#[AsCommand('gauge', 'Stands in for a pull gauge: says over TCP on loopback what one would say over its serial line.')]
final class SimulatedGaugeCommand extends Command
{
    private const PORT = '8470';

    /** It says so often who it is, ten times a second, when it floods. */
    private const FLOOD = 1_000;

    /** @var array<int, TimerInterface> of what is still to be said */
    private array $due = [];

    protected function configure(): void
    {
        $this->addOption('port', null, InputOption::VALUE_REQUIRED, 'Where it listens; 0 for one that is free', self::PORT);
        foreach (get_object_vars(new SimulatedSettings()) as $what => $value) {
            $this->addOption($what, null, InputOption::VALUE_REQUIRED, 'As SimulatedSettings has it', $value instanceof GaugeUnit ? $value->value : (string) $value);
        }
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $settings = new SimulatedSettings();
            foreach (array_keys(get_object_vars($settings)) as $what) {
                $settings = $settings->with($what, (string) $input->getOption($what));
            }
            $port = (string) $input->getOption('port');
            if (preg_match('/^\d{1,5}$/', $port) !== 1 || (int) $port > 65535) {
                throw new \InvalidArgumentException('port "' . $port . '": must be a port number');
            }
            $server = new TcpServer('127.0.0.1:' . $port);
        } catch (\InvalidArgumentException|\RuntimeException $refused) {
            $output->writeln('gauge: ' . $refused->getMessage());

            return 2;
        }
        $gauge = new SimulatedGauge($settings);
        $server->on('connection', fn(ConnectionInterface $line) => $this->serve($gauge, $line, $output));
        $output->writeln('gauge: "' . $gauge->name() . '" at ' . str_replace('tcp://', '', (string) $server->getAddress()));
        Loop::run();

        return self::SUCCESS;
    }

    private function serve(SimulatedGauge $gauge, ConnectionInterface $line, OutputInterface $output): void
    {
        $text = new GaugeText();
        $hello = static fn() => $line->write($gauge->hello()->write() . "\r\n");
        $hello();
        $beat = Loop::addPeriodicTimer(1.0, $hello);
        $line->on('close', function () use ($beat): void {
            Loop::cancelTimer($beat);
            $this->hush();
        });
        $line->on('data', function (string $bytes) use ($gauge, $line, $text, $beat, $output): void {
            foreach (array_filter($text->hear($bytes, microtime(true))) as $heard) {
                match ($heard->word) {
                    GaugeWord::Arm => $this->pull($gauge, $line, $heard->members[0], $beat),
                    GaugeWord::Taken, GaugeWord::Stop => $this->hush(),
                    GaugeWord::Set => $this->set($gauge, $heard, $output),
                    default => null,
                };
            }
        });
    }

    private function set(SimulatedGauge $gauge, GaugeLine $heard, OutputInterface $output): void
    {
        try {
            $gauge->set(...$heard->members);
        } catch (\InvalidArgumentException $refused) {
            $output->writeln('gauge: ' . $refused->getMessage());
        }
    }

    private function pull(SimulatedGauge $gauge, ConnectionInterface $line, string $test, TimerInterface $beat): void
    {
        $this->hush();
        foreach ($gauge->pull($test) as $said) {
            $this->due[] = Loop::addTimer($said->due, fn() => match ($said->text) {
                SimulatedLine::CUT => $line->close(),
                SimulatedLine::HANG => Loop::cancelTimer($beat),
                SimulatedLine::FLOOD => $this->flood($line, $gauge),
                default => $line->write($said->text . "\r\n"),
            });
        }
    }

    private function flood(ConnectionInterface $line, SimulatedGauge $gauge): void
    {
        $this->due[] = $timer = Loop::addPeriodicTimer(0.1, static fn() => $line->write(str_repeat($gauge->hello()->write() . "\r\n", self::FLOOD)));
        $line->on('close', static fn() => Loop::cancelTimer($timer));
    }

    private function hush(): void
    {
        array_map(Loop::cancelTimer(...), $this->due);
        $this->due = [];
    }
}
